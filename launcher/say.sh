# Words for the person at the terminal, all on standard error so that results stay clean.

home="$PWD/.civitane"
mkdir -p "$home"

say() { printf '%s\n' "$*" >&2; }

fail() {
  printf 'civitane: %s\n' "$1" >&2
  exit "${2:-1}"
}

# Runs a long step: says what it is, counts the seconds on a terminal, and shows its log only when it fails.
step() {
  local what="$1" log="$home/$2.log" began=$SECONDS
  shift 2
  "$@" >"$log" 2>&1 &
  local job=$!
  trap 'kill "$job" 2>/dev/null || true' EXIT
  if [ -t 2 ]; then
    while kill -0 "$job" 2>/dev/null; do
      printf '\r%s … %ds ' "$what" $((SECONDS - began)) >&2
      sleep 1
    done
    printf '\r' >&2
  else
    say "$what …"
  fi
  if wait "$job"; then
    trap - EXIT
    say "$what: done in $((SECONDS - began)) s"
  else
    trap - EXIT
    tail -n 40 "$log" >&2
    fail "$what failed; the whole log is in ${log#"$PWD"/}"
  fi
}
