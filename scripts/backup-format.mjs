import { createHash } from 'node:crypto';
import { Transform } from 'node:stream';

/**
 * A backup is MariaDB's own dump between a line of ours that says which structure it has and one that says what it adds up to.
 * A file is read only if every statement of it is one that such a dump consists of.
 */
export const firstLine = (migrations) => `-- Chiave backup 1: ${migrations.join(' ')}\n`;
const FIRST = /^-- Chiave backup 1: ([\w -]+)$/;
const lastLine = (sum) => `-- Chiave backup ends: sha256 ${sum}\n`;
const LAST = /-- Chiave backup ends: sha256 ([0-9a-f]{64})\n$/;
/** How MariaDB ends a dump; backups of the first version end so. */
const DUMP_ENDS = /-- Dump completed[^\n]*\n*$/;
/** More than the longest ending, bytes. */
const TAIL = 256;

/** Puts a dump between our two lines. @throws when the dump did not come to its end */
export function wrapped(migrations) {
  const sum = createHash('sha256');
  let tail = Buffer.alloc(0);
  let begun = false;
  const begin = (stream) => {
    if (begun) return;
    begun = true;
    sum.update(firstLine(migrations));
    stream.push(firstLine(migrations));
  };
  return new Transform({
    transform(chunk, _encoding, done) {
      begin(this);
      sum.update(chunk);
      tail = Buffer.concat([tail, chunk]).subarray(-TAIL);
      done(null, chunk);
    },
    flush(done) {
      begin(this);
      if (!DUMP_ENDS.test(tail.toString('latin1'))) return done(new Error('the dump was cut short'));
      this.push(lastLine(sum.digest('hex')));
      done();
    }
  });
}

const NAME = '`(\\w+)`';
const SET_PART =
  /^(?:@\w+ *= *@@\w+|NAMES utf8mb4|(?:CHARACTER_SET_CLIENT|CHARACTER_SET_RESULTS|COLLATION_CONNECTION|TIME_ZONE|SQL_MODE|UNIQUE_CHECKS|FOREIGN_KEY_CHECKS|SQL_NOTES|NOTE_VERBOSITY) *= *(?:@\w+|0|utf8mb4|'\+00:00'|'NO_AUTO_VALUE_ON_ZERO'))$/i;
const CREATE = new RegExp(`^CREATE TABLE ${NAME} \\(`);
/** What a table of ours never has, outside its names and texts. */
const NOT_IN_CREATE = /\b(SELECT|DIRECTORY|CONNECTION|UNION|TABLESPACE|LIKE|AS)\b|@@/i;
const SHORT = [
  new RegExp(`^DROP TABLE IF EXISTS ${NAME}$`),
  new RegExp(`^LOCK TABLES ${NAME} WRITE$`),
  /^UNLOCK TABLES$/,
  new RegExp(`^/\\*M?!\\d+ ALTER TABLE ${NAME} (?:DIS|EN)ABLE KEYS \\*/$`)
];
const INSERT = new RegExp(`^INSERT INTO ${NAME} VALUES`);
/** The line newer dumps begin with, which switches the client's own commands off. */
const SANDBOX = '/*M!999999\\- enable the sandbox mode */';
/** Bytes that stand between the texts of an INSERT: numbers, NULL, 0x…, _binary, punctuation. They can name nothing that reads. */
const BETWEEN = new Set([...'0123456789(),.+-eExXNULabcdfinryABCDF_ \n'].map((c) => c.charCodeAt(0)));
/** Longest statement that is no INSERT, bytes. */
const MOST = 64 * 1024;
const [QUOTE, TICK, BACKSLASH, SEMICOLON, NEWLINE, DASH, SLASH, STAR] = [..."'`\\;\n-/*"].map((c) => c.charCodeAt(0));

/** Reads a backup through and keeps nothing of it. Every refusal is a sentence. */
export class BackupScan {
  tables = new Set();
  /** Steps of the structure the first line names; null in backups of the first version, which say none. */
  migrations = null;
  #sum = createHash('sha256');
  #tail = Buffer.alloc(0);
  #state = 'code';
  /** Bytes of the statement under way. */
  #text = [];
  /** The same without what stands in quotes. */
  #bare = [];
  #inserting = false;
  #first = true;
  #line = 1;

  /** @throws Error for a statement that no dump of ours has */
  push(chunk) {
    const held = Buffer.concat([this.#tail, chunk]);
    const cut = Math.max(0, held.length - TAIL);
    this.#sum.update(held.subarray(0, cut));
    this.#tail = held.subarray(cut);
    for (let i = 0; i < chunk.length; i++) this.#byte(chunk[i]);
  }

  /** @throws Error for a file that was cut short or changed */
  end() {
    if (this.#state !== 'code' || this.#trimmed(this.#text) !== '') throw new Error('it is cut short in the middle of a statement');
    const tail = this.#tail.toString('latin1');
    if (this.migrations === null) {
      if (!DUMP_ENDS.test(tail)) throw new Error('it is cut short: its last line is missing');
      return this.#sum.update(this.#tail).digest('hex');
    }
    const [ending, sum] = LAST.exec(tail) ?? [];
    if (!ending) throw new Error('it is cut short: its last line is missing');
    const own = this.#sum.update(this.#tail.subarray(0, this.#tail.length - ending.length)).digest('hex');
    if (own !== sum) throw new Error('it was changed since it was written: it does not add up');
    return own;
  }

  #trimmed = (bytes) => Buffer.from(bytes).toString('utf8').trim();
  #refuse(why) {
    throw new Error(`line ${this.#line} is no part of a backup of Chiave: ${why}`);
  }

  #byte(byte) {
    if (byte === NEWLINE) this.#line++;
    switch (this.#state) {
      case 'text':
        this.#keep(byte);
        if (byte === BACKSLASH) this.#state = 'escaped';
        else if (byte === QUOTE) this.#state = 'code';
        return;
      case 'escaped':
        this.#keep(byte);
        this.#state = 'text';
        return;
      case 'name':
        this.#keep(byte);
        if (byte === TICK) this.#state = 'code';
        return;
      case 'comment':
        this.#text.push(byte);
        if (byte === NEWLINE) {
          if (this.#first) this.#begin(this.#trimmed(this.#text));
          this.#first = false;
          this.#text = [];
          this.#state = 'code';
        } else if (this.#text.length > MOST) this.#refuse('a line without end');
        return;
      default:
        this.#code(byte);
    }
  }

  #begin(line) {
    const [, names] = FIRST.exec(line) ?? [];
    if (names) this.migrations = names.split(' ');
  }

  #keep(byte) {
    if (this.#inserting) return;
    this.#text.push(byte);
    if (this.#text.length > MOST) this.#refuse('a statement without end');
  }

  #code(byte) {
    if (byte === SEMICOLON) return this.#statement();
    const nothingYet = this.#text.length === 0;
    if (nothingYet && !this.#inserting && (byte === NEWLINE || byte === 32)) return;
    if (byte === DASH && this.#text.length === 1 && this.#text[0] === DASH) {
      this.#text.push(byte);
      this.#state = 'comment';
      return;
    }
    if (this.#inserting) {
      if (byte === QUOTE) this.#state = 'text';
      else if (!BETWEEN.has(byte)) this.#refuse('something other than values stands among them');
      return;
    }
    this.#keep(byte);
    if (byte === QUOTE) this.#state = 'text';
    else if (byte === TICK) this.#state = 'name';
    else this.#bare.push(byte);
    if (byte === SLASH && this.#text.at(-2) === STAR && this.#trimmed(this.#text) === SANDBOX) this.#clear();
    else if (byte === 83 && INSERT.test(this.#trimmed(this.#text))) this.#insert();
  }

  #insert() {
    this.tables.add(INSERT.exec(this.#trimmed(this.#text))[1]);
    this.#inserting = true;
  }
  #clear() {
    this.#text = [];
    this.#bare = [];
    this.#inserting = false;
  }

  #statement() {
    if (this.#inserting) return this.#clear();
    const text = this.#trimmed(this.#text);
    const bare = this.#trimmed(this.#bare);
    this.#clear();
    if (bare.includes('\\')) this.#refuse('a command to the client');
    const create = CREATE.exec(text);
    if (create) {
      if (NOT_IN_CREATE.test(bare) || !/\) ENGINE=InnoDB [\w= ]+$/.test(text) || /`\.|\.`/.test(text)) this.#refuse('a table that is none of ours');
      this.tables.add(create[1]);
      return;
    }
    const set = /^\/\*M?!\d+ SET (.+?) *\*\/$/s.exec(text);
    if (set && set[1].split(/, */).every((part) => SET_PART.test(part.trim()))) return;
    if (SHORT.some((form) => form.test(text))) return;
    this.#refuse('a statement that no backup has');
  }
}
