// Random colours worked out by two general colour libraries (culori, colorjs.io), for ColourLibrariesTest.
import Color from 'colorjs.io';
import { converter, differenceCiede2000 } from 'culori';

let seed = 20261125;
const random = () => {
  seed = (seed * 1103515245 + 12345) % 2147483648;
  return seed / 2147483648;
};
const lab65 = converter('lab65');
const culoriDifference = differenceCiede2000();
const rows = [];
for (let i = 0; i < 3000; i++) {
  const hex = () =>
    `#${Math.floor(random() * 16777216)
      .toString(16)
      .padStart(6, '0')}`;
  const [a, b] = [hex(), hex()];
  const [la, lb] = [lab65(a), lab65(b)];
  // colorjs.io works its difference out in CIELAB under D50: the formula is compared on those values.
  const [ja, jb] = [new Color(a).to('lab'), new Color(b).to('lab')];
  rows.push({
    a,
    b,
    lab: [la.l, la.a, la.b],
    culori: culoriDifference(la, lb),
    labsD50: [ja.coords, jb.coords],
    colorjs: ja.deltaE(jb, '2000'),
  });
}
console.log(JSON.stringify(rows));
