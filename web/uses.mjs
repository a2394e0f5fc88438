// Every package is used, none is that is not declared, and each is declared in one version.
import { existsSync, readdirSync, readFileSync } from "node:fs";
import { isBuiltin } from "node:module";
import ts from "typescript";

const declared = JSON.parse(readFileSync("package.json", "utf8"));
const packages = { ...declared.dependencies, ...declared.devDependencies };

// Read by the stories of the browser from where it lies, and put in another's place as the door is built.
const FROM_ELSEWHERE = ["vnu-jar", "preact"];
const SOURCES = /\.(tsx?|mjs|css)$/;
const MADE = /schema\.d\.ts$/;

const files = [
  ...readdirSync("src", { recursive: true }).map((file) => `src/${file}`),
  ...readdirSync("."),
].filter((file) => SOURCES.test(file) && !MADE.test(file));

const packageOf = (name) =>
  name
    .split("/")
    .slice(0, name.startsWith("@") ? 2 : 1)
    .join("/");

function named(file) {
  const text = readFileSync(file, "utf8");
  if (file.endsWith(".css")) {
    return [...text.matchAll(/@(?:import|plugin) "([^"]+)"/g)].map((found) => found[1]);
  }
  const read = ts.preProcessFile(text);
  // Fonts are copied from where they lie, by their scope and name.
  const copied = Object.keys(packages).filter(
    (name) => name.includes("font") && file.endsWith("fonts.mjs") && text.includes(name.split("/")[1]),
  );
  return [...[...read.importedFiles, ...read.typeReferenceDirectives].map((found) => found.fileName), ...copied];
}

const used = new Set(
  files
    .flatMap(named)
    .filter((name) => !name.startsWith(".") && !name.startsWith("/") && !isBuiltin(name))
    .map(packageOf),
);

// What is run by its name in a script.
const runs = Object.values(declared.scripts).join(" ").split(/\s+/);
const isRun = (name) => {
  const manifest = `node_modules/${name}/package.json`;
  const bin = existsSync(manifest) ? JSON.parse(readFileSync(manifest, "utf8")).bin : undefined;
  return (typeof bin === "string" ? [name] : Object.keys(bin ?? {})).some((one) => runs.includes(one));
};
const isTypesOfUsed = (name) => name.startsWith("@types/") && used.has(name.slice("@types/".length));

const faults = [
  ...Object.keys(packages)
    .filter((name) => !(used.has(name) || isRun(name) || isTypesOfUsed(name) || FROM_ELSEWHERE.includes(name)))
    .map((name) => `${name} is declared and not used`),
  ...[...used].filter((name) => !(name in packages)).map((name) => `${name} is used and not declared`),
  ...Object.entries(packages)
    .filter(([, version]) => !/^\d/.test(version))
    .map(([name, version]) => `${name} is declared as ${version}, which is no version`),
];
for (const fault of faults) {
  console.error(`package.json: ${fault}`);
}
process.exitCode = faults.length === 0 ? 0 : 1;
