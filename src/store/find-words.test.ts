import { toWords, wantedWords } from "./find-words";

test.each([
  ["Pell Street Bakery · proofing-cabinet blower", ["pell", "street", "bakery", "proofing", "cabinet", "blower"]],
  ["6203-2RS C3", ["6203", "2rs", "c3"]],
  ["Circulation fan, bay 3", ["circulation", "fan", "bay", "3"]],
  ["40+5 µF 440 V", ["40", "5", "μf", "440"]],
  ["Käfer, l'hôtel", ["kafer", "hotel"]],
  ["the of a", []],
  ["", []],
])("“%s” is found under %j", (text, words) => expect(toWords(text)).toEqual(words));

test.each([
  ["cap weak", ["cap", "weak"]],
  ["the fan at the Lido", ["fan", "lido"]],
  ["of", ["of"]],
  ["cap capacitor", ["capacitor"]],
  ["µF", ["μf"]],
  ["  ", []],
])("“%s” asks for %j", (text, words) => expect(wantedWords(text)).toEqual(words));
