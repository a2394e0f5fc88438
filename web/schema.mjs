// Holds packets against a JSON Schema, strictly: node schema.mjs SCHEMA PACKETS, a packet a line; prints whether each passes.
import { readFileSync } from "node:fs";
import Ajv from "ajv/dist/2020.js";
import formats from "ajv-formats";

const [schema, packets] = process.argv.slice(2).map((file) => readFileSync(file, "utf8"));
const ajv = new Ajv.default({ strict: true });
formats.default(ajv);
const passes = ajv.compile(JSON.parse(schema));
for (const packet of packets.split("\n").filter(Boolean)) {
  console.log(passes(JSON.parse(packet)));
}
