# Works packets out; needs no database.
. launcher/packages.sh
. launcher/build.sh
build_packet
[ -t 2 ] && export CIVITANE_PROGRESS=1
cd "${OLDPWD:-.}"
built="$(dirname "$home")/packet/target"
exec java -cp "$built/packet-0.2.0.jar:$built/lib/*" civitane.packet.cli.Determine "$@"
