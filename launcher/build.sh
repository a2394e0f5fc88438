# Building, only as far as needed.
. launcher/node.sh

need_java() {
  command -v javac >/dev/null || need_package openjdk-17-jdk-headless
  command -v mvn >/dev/null || need_package maven
}

# Whether anything below the folders is newer than the built file.
is_stale() {
  local built="$1"
  shift
  [ ! -e "$built" ] || [ -n "$(find "$@" -type f -newer "$built" -not -path '*/target/*' -not -path '*/node_modules/*' -print -quit)" ]
}

build_packet() {
  need_java
  # Maven leaves a jar as it was when nothing in it changed, so none of them tells when it was built last.
  if is_stale packet/target/built pom.xml core words packet || [ ! -e packet/target/packet-0.2.0.jar ]; then
    step "Building the rules" build-packet \
      mvn -B -q -pl core,words,packet -am -DskipTests -Dspotless.check.skip=true package
    touch packet/target/built
  fi
}

build_app() {
  need_java
  need_node
  if is_stale app/target/app-0.2.0-exec.jar pom.xml core words packet web/src web/words.mjs web/package.json web/pom.xml standins app; then
    # A migration that is gone from the sources must be gone from what was built of them.
    rm -rf app/target/classes/db
    step "Building Civitane (the first time takes some minutes)" build-app \
      mvn -B -q -pl core,words,packet,web,standins,app -DskipTests -Dspotless.check.skip=true package
  fi
}
