import { heelBand, progress } from '@chiave/core/heel';
import { describe, expect, it } from 'vitest';
import { bandAnswer } from '../src/lib/ui/heel/band-answer';

const asked = { foot: { lengthMm: 238 }, discipline: 'evening', level: 'beginner', hold: 'laced', strapCounts: false, ankleReachDeg: 44, relaxedMm: null, hours: 1, dancing: true, ground: null, wetSlope: false, platformMm: 0, reachSchool: 'middle', lowIsSafer: false, hypermobile: false } as const; // prettier-ignore
const answered = (more: object = {}) => {
  const whole = { ...asked, ...more };
  const band = heelBand(whole);
  const about = { who: 'Tecla', lengthMm: 238, reachDeg: whole.ankleReachDeg, school: 'middle', relaxedDropMm: null, discipline: whole.discipline, level: whole.level, platformMm: 0 } as const; // prettier-ignore
  return { band, text: bandAnswer({ ...about, band, steps: progress(40, band.highMm) }, 'mm') };
};

describe('an answer about heights', () => {
  it('names every limit in mm with how it is known, the one that decides, and who is asked first', () => {
    const { band, text } = answered();
    expect(text.split('\n').filter((line) => line.startsWith('- '))).toHaveLength(band.caps.length);
    for (const cap of band.caps) expect(text).toContain(`- ${Math.round(cap.valueMm)} mm: `);
    expect(text).toMatch(/^Tecla, 238 mm long; the ankle points 44°, taken as “ordinary”\./);
    expect(text).toContain(`What decides: `);
    expect(text).toMatch(/Advice, not diagnosis: clinicians, teachers/);
  });
  it('says so where nothing is left, and where the reach was not measured', () => {
    const { band, text } = answered({ lowIsSafer: true, discipline: 'heels-class' });
    expect(band.conflict).toBe(true);
    expect(text).toMatch(/nothing is left\. It asks for \d+ mm, and \d+ mm is the most/);
    expect(answered({ ankleReachDeg: null }).text).toContain('the reach of the ankle was not measured');
  });
});
