// What a browser fetches first is packed once, as small as it gets, and not again at every request.
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { brotliCompressSync, gzipSync } from "node:zlib";

for (const file of readdirSync("dist/assets").filter((name) => /\.(js|css)$/.test(name))) {
  const path = `dist/assets/${file}`;
  const whole = readFileSync(path);
  writeFileSync(`${path}.gz`, gzipSync(whole, { level: 9 }));
  writeFileSync(`${path}.br`, brotliCompressSync(whole));
}
