import { describe, expect, it } from 'vitest';
import { takenValue } from '../src/lib/api/foot-schema';
import type { AgreementRow, InstrumentCorrection } from '../src/lib/api/instrument-schema';
import { agreementWords, beyondStandard, driftWords } from '../src/lib/agreement-words';
import { corrected } from '../src/lib/fit-feet';

const own: InstrumentCorrection = { measure: 'lengthMm', how: 'scan', against: 'tape', biasMm: 0.7, sdMm: 0.6, from: '2026-11-10T10:00:00.000Z', by: 'Pia L.' };
const read = (more: object = {}) => takenValue({ mm: 250, how: 'scan', at: '2026-11-12T10:00:00Z', sdMm: 1, ...more });

describe('a reading as the fit takes it', () => {
  it('without what its instrument is off by, from the day that was accepted', () => {
    expect(corrected('lengthMm', read(), [own])).toMatchObject({ mm: 249.3, sdMm: 0.6 });
    for (const other of [{ at: '2026-11-09T10:00:00Z' }, { at: null }, { how: 'tape' as const }])
      expect(corrected('lengthMm', read(other), [own])).toMatchObject({ mm: 250, sdMm: 1 });
    expect(corrected('ballWidthMm', read(), [own]).mm).toBe(250);
  });
  it('two readings keep the error that both together have', () => {
    const readings = [249, 251].map((mm) => ({ mm, typed: '', how: 'scan' as const }));
    expect(corrected('lengthMm', read({ readings }), [own])).toMatchObject({ mm: 249.3, sdMm: 1 });
  });
});

describe('what an agreement says', () => {
  const row = (agreement: Partial<AgreementRow['agreement']>, drift: Partial<AgreementRow['drift']> = {}): AgreementRow => ({
    measure: 'lengthMm', how: 'scan', against: 'tape', pairs: [], hands: [], ownSdMm: null, correction: null,
    agreement: { persons: 12, pairs: 24, says: 'limits', biasMm: 0.7, biasHalfMm: 0.3, sdMm: 1, limits: [-1.5, 2.9], ...agreement },
    drift: { foundAt: null, way: null, at: null, sums: [], callsAt: 5, ...drift }
  }); // prettier-ignore
  it('is told in a sentence, as much as so many persons can say', () => {
    expect(agreementWords(row({}), 'length')).toBe(
      'The scan reads the length as 0.7 mm more than the tape (+0.7 ± 0.3); the next foot lies between −1.5 and +2.9 mm, 95 times in 100.'
    );
    expect(agreementWords(row({ biasMm: 0.1 }), 'length')).toContain('reads the length like the tape, as far as can be told (');
    expect(agreementWords(row({ says: 'few' }), 'length')).toContain('a guess from few');
    expect(agreementWords(row({ says: 'points', persons: 1 }), 'length')).toBe('Scan and tape read the length of 1 person: too few to say how they agree.');
  });
  it('a drift is told with its day and what to do, and a lean beyond the standard’s 2 mm of a scan (ISO 20685-1) is seen, girths apart', () => {
    const off = row({}, { foundAt: 3, way: 'more', at: 'Tuesday' });
    expect(driftWords(row({}), [row({})], String)).toBe('');
    expect(driftWords(off, [off], String)).toContain('Scan and tape have drifted apart: the scan reads more against it than it did, seen on Tuesday');
    // A third one, which still agrees with one of them, tells which it was.
    const withTape: AgreementRow = { ...row({}), how: 'device' };
    const withScan: AgreementRow = { ...off, against: 'device' };
    expect(driftWords(off, [off, withScan, withTape], String)).toContain('The scan has drifted: it reads more than it did');
    const offTape: AgreementRow = { ...withTape, drift: off.drift };
    expect(driftWords(off, [off, offTape, { ...row({}), against: 'device' }], String)).toContain('The tape has drifted: it reads less than it did');
    expect(beyondStandard(row({ biasMm: 2.4 }), 'lengthMm')).toBe(true);
    expect(beyondStandard(row({ biasMm: 1.9 }), 'lengthMm')).toBe(false);
    expect(beyondStandard(row({ biasMm: 2.4 }), 'ballGirthMm')).toBe(false);
  });
});
