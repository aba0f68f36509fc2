import { createHash } from 'node:crypto';
import { Transform } from 'node:stream';

/**
 * A backup is MariaDB's own dump between a line of ours that says which structure it has and one that says what it adds up to.
 * A file is read only if every statement of it is one that such a dump consists of.
 */
export const firstLine = (migrations) => `-- Chiave backup 1: ${migrations.join(' ')}\n`;
const FIRST = /^-- Chiave backup 1: ([\w -]+)$/;
const lastLine = (sum, from) => `-- Chiave backup ends: sha256 ${sum}${from ? ` taken ${from.taken} log ${from.log} ${from.position}` : ''}\n`;
/** What it adds up to; when it was taken; from which file and byte of the log it can be taken on. The sum is of all that stands before. */
const LAST = /-- Chiave backup ends: sha256 ([0-9a-f]{64})(?: taken (\d{4}-\d\d-\d\dT[\d:.]+Z) log ([\w.-]+) (\d+))?\n$/;
/** Where the log stood as the dump was taken, as MariaDB writes it into one; this line and those about it are left out of the backup. */
const WHERE = /^-- CHANGE MASTER TO MASTER_LOG_FILE='([\w.-]+)', MASTER_LOG_POS=(\d+);$/;
const ABOUT_LOG = /^-- .*\b(MASTER|master|slave|gtid|GTID)/;
/** Longer than any such line, bytes. */
const REMARK = 400;
/** How MariaDB ends a dump; backups of the first version end so. */
const DUMP_ENDS = /-- Dump completed[^\n]*\n*$/;
/** More than the longest ending, bytes. */
const TAIL = 256;

/**
 * Puts a dump between our two lines, and what it says of the log into the last one: the same content then adds up to the same
 * whenever and wherever it is taken.
 * @throws when the dump did not come to its end
 */
export function wrapped(migrations) {
  const sum = createHash('sha256');
  let tail = Buffer.alloc(0);
  let rest = Buffer.alloc(0);
  let taken = null;
  let from = null;
  const put = (stream, bytes) => {
    sum.update(bytes);
    tail = Buffer.concat([tail, bytes]).subarray(-TAIL);
    stream.push(bytes);
  };
  const begin = (stream) => {
    if (taken) return;
    // The moment it was read at is before its first byte.
    taken = new Date().toISOString();
    put(stream, Buffer.from(firstLine(migrations)));
  };
  /** Lines that end in it, without those about the log. */
  const lines = (bytes) => {
    const kept = [];
    for (let start = 0, end; start < bytes.length; start = end) {
      end = bytes.indexOf(10, start) + 1 || bytes.length;
      const remark = bytes[start] === DASH && end - start < REMARK ? bytes.subarray(start, end).toString('utf8').trimEnd() : '';
      const [, log, position] = WHERE.exec(remark) ?? [];
      if (log) from = { taken, log, position };
      if (!log && !ABOUT_LOG.test(remark)) kept.push(bytes.subarray(start, end));
    }
    return Buffer.concat(kept);
  };
  return new Transform({
    transform(chunk, _encoding, done) {
      begin(this);
      const held = Buffer.concat([rest, chunk]);
      const whole = held.lastIndexOf(10) + 1;
      rest = held.subarray(whole);
      put(this, lines(held.subarray(0, whole)));
      done();
    },
    flush(done) {
      begin(this);
      put(this, lines(rest));
      if (!DUMP_ENDS.test(tail.toString('latin1'))) return done(new Error('the dump was cut short'));
      this.push(lastLine(sum.digest('hex'), from));
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
  /** When it was taken and where the log goes on from it, as { taken, log, position }; null where the last line does not say. */
  from = null;
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
    const [ending, sum, taken, log, position] = LAST.exec(tail) ?? [];
    if (!ending) throw new Error('it is cut short: its last line is missing');
    const own = this.#sum.update(this.#tail.subarray(0, this.#tail.length - ending.length)).digest('hex');
    if (own !== sum) throw new Error('it was changed since it was written: it does not add up');
    if (log) this.from = { taken, log, position: Number(position) };
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
