# Works packets out; needs no database.
. launcher/build.sh
build_packet
[ -t 2 ] && export CIVITANE_PROGRESS=1
cd "${OLDPWD:-.}"
exec java -XX:+UseParallelGC -XX:TieredStopAtLevel=4 -cp "$(dirname "$home")/packet/target/packet-0.1.0.jar:$(dirname "$home")/packet/target/lib/*" \
  civitane.packet.cli.Determine "$@"
