/**
 * Writes the licence texts of every package that is shipped or installed to run, with the sounds and fonts, to
 * apps/web/dist/licences.txt. Run by the build. Fails where a package has neither a licence text nor a name
 * for its licence.
 */
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';

const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8'));
const shipped = Object.entries(packages)
  .filter(([folder, { dev, link, optional }]) => {
    return (
      folder.startsWith('node_modules/') && !dev && !link && !(optional && !existsSync(folder))
    );
  })
  .map(([folder]) => folder)
  .sort();

function licenceOf(folder) {
  const { name, version, license } = JSON.parse(readFileSync(`${folder}/package.json`, 'utf8'));
  const file = readdirSync(folder).find((each) => /^(licen[cs]e|copying|unlicense)/i.test(each));
  const text = file ? readFileSync(`${folder}/${file}`, 'utf8').trim() : undefined;
  if (!text && !license) throw new Error(`${folder} does not say under which licence it is.`);
  const title = `${name} ${version}${typeof license === 'string' ? `, ${license}` : ''}`;
  return `${title}\n${'-'.repeat(title.length)}\n\n${text ?? `Licence: ${license}`}\n`;
}

const sounds = readFileSync('apps/web/public/sound/band.copyright.txt', 'utf8').trim();
const texts = [
  'Works of others that Drop Close ships, with their licences.\n',
  ...shipped.map(licenceOf),
  `The sounds of the band\n----------------------\n\n${sounds}\n`,
];
writeFileSync('apps/web/dist/licences.txt', texts.join('\n\n'));
console.log(`licences.txt: ${shipped.length} packages`);
