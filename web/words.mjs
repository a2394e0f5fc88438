// The words that the desk shares with forms and letters, from their one place, for the browser.
import { readdirSync, readFileSync, writeFileSync } from "node:fs";

const PLACE = "../words/src/main/resources/civitane/words/en";
const WANTED = /^word\.|^household\.|^common\.shows\.|\.(title|what|who|pays)$|\.(bring|ask|otherwise)\./;

const said = {};
for (const file of readdirSync(PLACE).sort()) {
  for (const line of readFileSync(`${PLACE}/${file}`, "utf8").split("\n")) {
    const equals = line.indexOf("=");
    if (equals < 0 || line.startsWith("#")) continue;
    const own = line.slice(0, equals);
    const key = own.startsWith("word.") ? own : `${file.replace(".properties", "")}.${own}`;
    if (WANTED.test(key) && !line.includes("{")) {
      said[key] = line.slice(equals + 1).replaceAll("''", "'");
    }
  }
}
writeFileSync("src/i18n/said.json", `${JSON.stringify(said, null, 2)}\n`);
