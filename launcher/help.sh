cat <<'TEXT'
./civitane start [--fresh] [--port N]   sets up, builds, fills the demo and serves; Ctrl-C stops all
./civitane test                         runs every test: core, words, packets, application, real browser
./civitane determine [OPTIONS] FILE…    works out packets without a database (--help lists the options)
./civitane bench [PATTERN]              runs the benchmarks
./civitane mutate                       makes deliberate mistakes in the core and counts those its tests notice
./civitane help                         this text
TEXT
