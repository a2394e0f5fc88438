# Node.js with npm, as the front end is built with: the machine's where it is new enough, else one of our own in .civitane,
# from the npm registry, taken only where it is what it was when this was written.

node_version=20.20.2
npm_version=10.9.9
npm_sha512=d60fba8cb42f688b81e33c2f1cbef2ad7b977166700ec0ad057f1b6d60ea6ef2524abf673e20c35931cd8305d1dbb8887134d6eefdc0e7b8435bd458bf65b862

need_node() {
  local own="$home/node-$node_version"
  if ! has_node; then
    [ -x "$own/bin/npm" ] || {
      command -v curl >/dev/null || need_package curl
      step "Bringing Node.js $node_version" node bring_node "$own"
    }
    export PATH="$own/bin:$PATH"
    has_node || fail "Node.js 20 or newer with npm is needed; that of $own does not run here"
  fi
}

has_node() {
  command -v node >/dev/null && command -v npm >/dev/null &&
    [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ]
}

bring_node() {
  local own="$1" kind sha512
  case "$(uname -m)" in
    x86_64) kind=x64 sha512=3de1d033cc007661ed640d66068732819c6ce4b8945adb097b3413901774898f7cecaa46ac3d4edad544c9dbcc662b9771e45a9f1b7bae34e70c407038fba3a1 ;;
    aarch64) kind=arm64 sha512=2c25c99cd4c58b21ae601c36819488e4e04531b92300fb7cb2a0ff34aad6a04d90983812b9b4ea16783a19a349f4427c1e9c413067165a96db72ce15a3e0a71a ;;
    *) echo "there is no Node.js for $(uname -m) to bring: install nodejs 20 and npm" && return 1 ;;
  esac
  rm -rf "$own" "$own.part"
  mkdir -p "$own.part/lib/node_modules/npm"
  unpacked "node-linux-$kind" "$node_version" "$sha512" "$own.part" &&
    unpacked npm "$npm_version" "$npm_sha512" "$own.part/lib/node_modules/npm" &&
    ln -s ../lib/node_modules/npm/bin/npm-cli.js "$own.part/bin/npm" &&
    ln -s ../lib/node_modules/npm/bin/npx-cli.js "$own.part/bin/npx" &&
    mv "$own.part" "$own"
}

unpacked() {
  local file="$home/$1-$2.tgz"
  curl -fsSL --retry 3 -o "$file" "https://registry.npmjs.org/$1/-/$1-$2.tgz" &&
    echo "$3  $file" | sha512sum --check --quiet &&
    tar -xzf "$file" -C "$4" --strip-components 1 --no-same-owner &&
    rm "$file"
}
