# Works packets out; needs no database.
. launcher/build.sh
build_packet
[ -t 2 ] && export CIVITANE_PROGRESS=1
cd "${OLDPWD:-.}"

# The compiler that makes the fastest code takes so long over it that only files of this size get it back.
worth_optimising=1000000000

named=0
compiler=1
for file in "$@"; do
  [ "$file" != - ] || compiler=4
  [ ! -f "$file" ] || named=$((named + $(stat -Lc %s "$file")))
done
[ "$named" -lt "$worth_optimising" ] || compiler=4
# What a packet leaves behind is cleared away while it still lies in the processor's cache.
exec java -XX:+UseParallelGC -Xmn64m -XX:TieredStopAtLevel=$compiler -cp "$(dirname "$home")/packet/target/packet-0.1.0.jar:$(dirname "$home")/packet/target/lib/*" \
  civitane.packet.cli.Determine "$@"
