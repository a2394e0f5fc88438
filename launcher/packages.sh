# What has to be on the machine; installed from Debian's packages when we are root.

# Where the server's programs are; a client alone has none of them.
postgres_bin() {
  local found
  found=$(ls /usr/lib/postgresql/*/bin/initdb 2>/dev/null | sort -V | tail -n 1)
  [ -n "$found" ] && dirname "$found"
}

need_packages() {
  local missing=()
  [ -n "$(postgres_bin)" ] || missing+=(postgresql)
  command -v tesseract >/dev/null || missing+=(tesseract-ocr tesseract-ocr-eng tesseract-ocr-fra tesseract-ocr-por tesseract-ocr-ara)
  # Letters' signatures are checked by a tool that is not ours.
  if [ "${1:-}" = "with-browser" ] && ! command -v openssl >/dev/null; then
    missing+=(openssl)
  fi
  # Backups are encrypted with it.
  if [ "${1:-}" = "with-browser" ] && ! command -v age >/dev/null; then
    missing+=(age)
  fi
  if [ "${1:-}" = "with-browser" ] && ! command -v chromium >/dev/null; then
    missing+=(chromium fonts-dejavu-core)
  fi
  [ ${#missing[@]} -eq 0 ] && return
  need_package "${missing[@]}"
}

# Some packages more, for what not everybody needs.
need_package() {
  [ "$(id -u)" = 0 ] || fail "these Debian packages are missing: $* (install them as root: apt-get install $*)"
  command -v apt-get >/dev/null || fail "these packages are missing, and there is no apt-get to install them: $*"
  step "Installing $*" packages install_packages "$@"
}

install_packages() {
  export DEBIAN_FRONTEND=noninteractive
  # The distribution's own cluster is none of our business; ours is made beside it.
  mkdir -p /etc/postgresql-common
  [ -e /etc/postgresql-common/createcluster.conf ] || echo "create_main_cluster = false" >/etc/postgresql-common/createcluster.conf
  apt-get update && apt-get install -y --no-install-recommends "$@"
}
