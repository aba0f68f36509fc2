import { describe, expect, it } from 'vitest';
import { post } from './client';

const foot = { lengthMm: 241, ankleReachDeg: 46 };

describe('heels', () => {
  it('POST /heel/stand tells pose, reach, load, slide, rise, steadiness and ground; what was filled in is listed', async () => {
    const shoe = { heelHeightMm: 82, heelShape: 'thick-stiletto', throatLineMm: 199, closure: 'none', ballGirthClearanceMm: 0, toeRoomMm: 11 };
    const { status, body } = await post('/heel/stand', { foot, shoe, ground: 'lawn-clay-moist', wear: { weightKg: 63 } });
    expect(status).toBe(200);
    expect(body).toMatchObject({ dropMm: 82, reach: 'comfortable', tooSteep: false, floor: null });
    expect(body.pitchDeg.low).toBeLessThan(body.pitchDeg.pose);
    expect(body.pitchDeg.pose).toBeLessThan(body.pitchDeg.high);
    expect(body.ankleDemandDeg.centre).toBeLessThan(body.pitchDeg.pose);
    for (const b of [body.slideMm, body.riseMm, body.sinkMm, body.ballLoadShare]) expect(b.low <= b.centre && b.centre <= b.high).toBe(true);
    expect(body.cleavageMm).toHaveLength(4);
    expect(body.assumed).toEqual(expect.arrayContaining(['foot.ballLengthMm', 'shoe.tipWidthMm', 'shoe.seatWedgeDeg']));
    expect(body.cautions.map((c: { id: string }) => c.id)).toEqual(expect.arrayContaining(['falls', 'no-strap', 'hours']));
  });
  it('a foot whose reach was not measured is told as unknown, a heel without slide as null', async () => {
    const { body } = await post('/heel/stand', { foot: { lengthMm: 241 }, shoe: { heelHeightMm: 55 } });
    expect(body).toMatchObject({ reach: 'unknown', slideMm: null, toeRoomAfterMm: null, cleavageMm: null, sinkMm: null });
  });
  it.each([
    [{ heelHeightMm: 40, platformMm: 60 }, 'shoe.platformMm', /higher than the heel/],
    [{ heelHeightMm: 70, tipWidthMm: 88 }, 'shoe.tipWidthMm', /wider than the seat/],
    [{ heelHeightMm: -4 }, 'shoe.heelHeightMm', /from 0 to 280/]
  ])('refuses %j in words, at its field', async (shoe, path, message) => {
    const { status, body } = await post('/heel/stand', { foot, shoe });
    expect(status).toBe(422);
    expect(body.errors).toEqual(expect.arrayContaining([{ path, message: expect.stringMatching(message) }]));
  });
  it('an unknown ground is refused at its field', async () => {
    const { status, body } = await post('/heel/stand', { foot, shoe: { heelHeightMm: 60 }, ground: 'lava' });
    expect([status, body.errors[0].path]).toEqual([422, 'ground']);
  });
  it('POST /heel/band: limits least first, the binding one first of all, steps from what is worn', async () => {
    const { body } = await post('/heel/band', { foot: { ...foot, ankleReachDeg: 60 }, discipline: 'heels-class', hold: 'laced', habitMm: 50 });
    expect(body).toMatchObject({ lowMm: 89, highMm: 102, binding: 'discipline', then: 'ankle', conflict: false });
    const values = body.caps.map((c: { valueMm: number }) => c.valueMm);
    expect([...values].sort((a: number, b: number) => a - b)).toEqual(values);
    expect(body.progress.steps.at(-1).dropMm).toBe(102);
    const numb = await post('/heel/band', { foot, discipline: 'evening', flags: ['numb'] });
    expect(numb.body).toMatchObject({ highMm: 25, binding: 'clinician' });
    expect(numb.body.caps[0].hard).toBe(true);
  });
  it('POST /heel/hem: from high to low it drags, by less than the heels differ', async () => {
    const { body } = await post('/heel/hem', { foot, cutFor: { heelHeightMm: 95 }, worn: { heelHeightMm: 60 } });
    expect(body.advice).toBe('drags');
    expect(body.highMm).toBeLessThan(35);
    expect(body.lowMm).toBeGreaterThan(10);
  });
  it('POST /device/stand: a device made low leans forward in a high shoe and is refused, back in a low one and is wedged', async () => {
    const forward = await post('/device/stand', { shoeDropMm: 25, deviceDropMm: 10, leverMm: 190 });
    expect(forward.body).toMatchObject({ leanDeg: 4.51, direction: 'forward', verdict: 'reject' });
    const back = await post('/device/stand', { shoeDropMm: 0, deviceDropMm: 10, leverMm: 175 });
    expect(back.body).toMatchObject({ direction: 'back', wedgeMm: 10, verdict: 'with-wedge' });
    expect((await post('/device/stand', { shoeDropMm: 10, deviceDropMm: 10, leverMm: 175 })).body.verdict).toBe('stands');
  });
  it('POST /heel/plan: the best one and two, whose terms sum to their totals; who is out of reach is named', async () => {
    const segments = [
      { minutes: 40, doing: 'standing', ground: 'lawn-clay-moist', formality: 5, seen: 1 },
      { minutes: 180, doing: 'dancing', ground: 'oak', turns: true, formality: 3 }
    ];
    const shoes = [
      { id: 'high', heelHeightMm: 85, heelShape: 'block', hold: 'strap', formality: 5, owned: true },
      { id: 'low', heelHeightMm: 55, heelShape: 'block', hold: 'strap', formality: 3, owned: true },
      { id: 'tower', heelHeightMm: 125, formality: 5 }
    ];
    const { status, body } = await post('/heel/plan', { foot, segments, shoes, hem: true });
    expect(status).toBe(200);
    for (const plan of [body.one, body.two]) {
      const terms = Object.values(plan.terms) as number[];
      expect(terms.reduce((a, b) => a + b, 0)).toBeCloseTo(plan.total, 6);
    }
    expect(body.left).toEqual([{ id: 'tower', why: 'out-of-reach' }]);
    expect((await post('/heel/plan', { foot, segments: [], shoes })).status).toBe(422);
    expect((await post('/heel/plan', { foot, segments, shoes: [shoes[0], shoes[0]] })).status).toBe(422);
  });
});
