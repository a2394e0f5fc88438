# Serves a real office, as its settings say; docs/running.md lists them.
. launcher/packages.sh
. launcher/build.sh

[ $# -eq 0 ] || fail "serve takes its settings from the environment; docs/running.md lists them" 2
build_app
flags=()
if [ -n "${CIVITANE_BEHIND_PROXY:-}" ]; then
  # Only what that proxy says of who asked is believed.
  flags+=(--server.forward-headers-strategy=native
    "--server.tomcat.remoteip.internal-proxies=${CIVITANE_BEHIND_PROXY//./\\.}")
fi
if [ -n "${CIVITANE_TLS_CERTIFICATE:-}" ]; then
  flags+=("--server.ssl.certificate=file:$CIVITANE_TLS_CERTIFICATE"
    "--server.ssl.certificate-private-key=file:${CIVITANE_TLS_KEY:-}")
fi
# Beside its certificate it brings what the authority says of it, so that no browser need ask.
exec java -Djdk.tls.server.enableStatusRequestExtension=true -jar app/target/app-0.2.0-exec.jar --spring.profiles.active=production ${flags[@]+"${flags[@]}"}
