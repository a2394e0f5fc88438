cat <<'TEXT'
./civitane start [--fresh] [--port N]   sets up, builds, fills the demo and serves; Ctrl-C stops all
./civitane migrate                      brings a real office's database to this version (docs/running.md)
./civitane key change | change-log      changes the key by which it signs, or that of its log
./civitane staff WHAT …                 keeps its log-ins: add LOGIN NAME ROLE, disable, password, role, street, list
./civitane backup FILE                  backs its database up into one file, and restores that beside to be sure
./civitane restore FILE                 restores a backup into an empty database
./civitane audit verify                 verifies its log
./civitane forget list | household ID …  forgets households whose keeping time is over
./civitane serve                        serves it; what is missing is said, a sentence each
./civitane test                         runs every test: core, words, packets, application, real browser
./civitane test MODULE|NAME …           runs the tests of some modules (core, words, packet, app, e2e, bench), or some by name
./civitane determine [OPTIONS] FILE…    works out packets without a database (--help lists the options)
./civitane rerun                        makes the demo's determinations again and lists those that differ; 1 where any does
./civitane demo-load [--households N] [--claims N] [--seed N]
                                        loads very many made-up households into the demo that is running
./civitane bench [PATTERN]              runs the benchmarks
./civitane bench desk [PORT] [WHAT …]   twenty workers at the desk that is running, each question beside its bare SQL
./civitane bench door [PORT] [VIEWS]      opens the door that is running as a cheap phone does on slow 3G
./civitane bench faults [WHAT …]         lets what lies below two nodes fail while twenty people work at them (needs root; a quarter of an hour)
./civitane mutate [PART]                makes deliberate mistakes in the core, or in a part (income, services.paidleave), and counts those noticed
./civitane parts                        lists every library it is made of: CycloneDX bills in target/parts
./civitane help                         this text
TEXT
