import path from 'node:path';
import ts from 'typescript';
import { writerFor } from '@/words/write';
import { DEFAULT_UNITS } from '@/words/units';

/** How many sets of figures a sentence is tried with at most. */
const MOST_SETS = 48;
const DEEPEST = 4;
/** Numbers that a language may say by a word, or by another form of what is counted. */
const FEW = [1, 0];
/** What a type may be, tried one beside the other. */
const MOST_CHOICES = 12;

/** One word as English has it: where it stands, and the figures it is given, in several sets. */
export interface Sentence {
  place: string;
  /** Names down to the word within its place. */
  at: string[];
  sets: unknown[][];
}

/** Gives each text and number that is asked for once. */
class Figures {
  private given = 0;

  /** A name that is in no language. */
  text(): string {
    this.given += 1;
    return `Zq${String.fromCharCode(97 + (this.given % 26))}x`;
  }

  /** A number that no other figure has, and that is no part of a sentence. */
  number(): number {
    this.given += 1;
    return 30 + this.given * 7;
  }
}

interface Making {
  checker: ts.TypeChecker;
  file: ts.SourceFile;
  figures: Figures;
}

const isKind = (type: ts.Type, flag: ts.TypeFlags) => (type.flags & flag) !== 0;

/** Values that a type may have: all of a choice, some of what is free. */
function valuesOf(type: ts.Type, making: Making, depth = 0): unknown[] {
  const { checker, figures } = making;
  if (type.isStringLiteral() || type.isNumberLiteral()) return [type.value];
  if (isKind(type, ts.TypeFlags.BooleanLiteral)) return [checker.typeToString(type) === 'true'];
  if (isKind(type, ts.TypeFlags.Undefined)) return [undefined];
  if (isKind(type, ts.TypeFlags.Null)) return [null];
  if (isKind(type, ts.TypeFlags.String)) return [figures.text()];
  if (isKind(type, ts.TypeFlags.Number)) return [figures.number(), ...FEW];
  if (type.isUnion()) {
    const all = type.types.flatMap((one) => valuesOf(one, making, depth));
    // What may be left out is there first.
    return all.sort((a, b) => Number(a === undefined) - Number(b === undefined));
  }
  if (type.getCallSignatures().length > 0) return [writesItsFigures];
  if (checker.isArrayType(type) || checker.isTupleType(type)) {
    const [of] = checker.getTypeArguments(type as ts.TypeReference);
    const some = of && depth < DEEPEST ? valuesOf(of, making, depth + 1) : [];
    const more = of && depth < DEEPEST ? valuesOf(of, making, depth + 1) : [];
    return [[...some.slice(0, 1), ...more.slice(-1)]];
  }
  if (depth >= DEEPEST) return [{}];
  return objectsOf(type, making, depth);
}

/** What a sentence may be handed to write a figure with. */
const writesItsFigures = (...given: unknown[]) => String(given[0]);

function objectsOf(type: ts.Type, making: Making, depth: number): unknown[] {
  const { checker, file } = making;
  const name = (type.aliasSymbol ?? type.symbol)?.name;
  if (name === 'Writer') return [writerFor(DEFAULT_UNITS)];
  if (name === 'Date') return [new Date('2027-01-16T16:05:00Z')];
  const fields = checker.getPropertiesOfType(type).map((one) => {
    const values = valuesOf(checker.getTypeOfSymbolAtLocation(one, file), making, depth + 1);
    return [one.name, values.slice(0, MOST_CHOICES)] as const;
  });
  return combined(fields.map(([, values]) => values)).map((values) =>
    Object.fromEntries(fields.map(([key], i) => [key, values[i]])),
  );
}

/** Each choice of each place, the others at their first; and each place at its last together. */
function combined(choices: readonly (readonly unknown[])[]): unknown[][] {
  const first = choices.map((some) => some[0]);
  const sets = [first];
  choices.forEach((some, place) => {
    for (const one of some.slice(1)) sets.push(first.map((at, i) => (i === place ? one : at)));
  });
  if (choices.filter((some) => some.length > 1).length > 1) {
    sets.push(choices.map((some) => some.at(-1)));
  }
  return sets.slice(0, MOST_SETS);
}

function walk(
  type: ts.Type,
  making: Making,
  { place, at }: Pick<Sentence, 'place' | 'at'>,
): Sentence[] {
  const localized = type.isUnion() ? type.types : [type];
  const signature = localized.flatMap((one) => [...one.getCallSignatures()])[0];
  const { checker, file } = making;
  if (signature) {
    const choices = signature.parameters.map((one) =>
      valuesOf(checker.getTypeOfSymbolAtLocation(one, file), making),
    );
    return [{ place, at, sets: combined(choices) }];
  }
  if (!isKind(type, ts.TypeFlags.Object)) return [];
  if (checker.isArrayType(type) || checker.isTupleType(type)) return [];
  return checker
    .getPropertiesOfType(type)
    .flatMap((one) =>
      walk(checker.getTypeOfSymbolAtLocation(one, file), making, { place, at: [...at, one.name] }),
    );
}

/** Every sentence of English that takes figures, with figures made up by their types. */
export function sentencesWithFigures(places: readonly string[]): Sentence[] {
  const root = process.cwd();
  const config = ts.readConfigFile(path.join(root, 'tsconfig.json'), (file) =>
    ts.sys.readFile(file),
  );
  const { options } = ts.parseJsonConfigFileContent(config.config, ts.sys, root);
  const fileOf = (place: string) => path.join(root, 'src', 'words', 'en', `${place}.ts`);
  const program = ts.createProgram(places.map(fileOf), { ...options, incremental: false });
  const checker = program.getTypeChecker();
  return places.flatMap((place) => {
    const file = program.getSourceFile(fileOf(place))!;
    const making = { checker, file, figures: new Figures() };
    const symbol = checker.getSymbolAtLocation(file)!;
    return checker
      .getExportsOfModule(symbol)
      .filter((one) => (one.flags & (ts.SymbolFlags.Variable | ts.SymbolFlags.Function)) !== 0)
      .flatMap((one) =>
        walk(checker.getTypeOfSymbolAtLocation(one, file), making, { place, at: [one.name] }),
      );
  });
}
