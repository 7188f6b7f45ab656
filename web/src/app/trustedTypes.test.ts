import { describe, expect, it } from 'vitest';
import { isHarmless, isOurs } from './trustedTypes.ts';

describe('what may become part of the page', () => {
  it.each([
    ['<div class="legend"><span style="color: red">Rear axle</span></div>', true],
    ['Axle < 1,800 kg & on = off', true],
    ['<b>On the road</b>', true],
    ['<b>&lt;img src=x onerror="alert(1)"&gt;</b>', true],
    ['<script>alert(1)</script>', false],
    ['<img src=x onerror=alert(1)>', false],
    ['<svg/onload = alert(1)>', false],
    ['< IFRAME src=x>', false],
    ['<a href="java\tscript:x" onclick=x>', false],
    ['<a href="javascript:alert(1)">', false],
    ['<base href="https://elsewhere.example/">', false],
  ])('%s: %s', (html, harmless) => {
    expect(isHarmless(html)).toBe(harmless);
  });

  it.each([
    ['/assets/packing.worker-x.js', true],
    ['https://app.example/sw.js', true],
    ['https://elsewhere.example/sw.js', false],
    ['//elsewhere.example/x.js', false],
    ['data:text/javascript,alert(1)', false],
    ['blob:https://app.example/1', false],
    ['http://[', false],
  ])('a script from %s: %s', (address, ours) => {
    expect(isOurs(address, 'https://app.example')).toBe(ours);
  });
});
