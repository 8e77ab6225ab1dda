import { TestBed } from '@angular/core/testing';
import { UnconfirmedWords } from './unconfirmed';

describe('UnconfirmedWords', () => {
  const visit = () => {
    TestBed.resetTestingModule();
    return TestBed.inject(UnconfirmedWords);
  };
  beforeEach(() => sessionStorage.clear());
  afterEach(() => sessionStorage.clear());

  it('are there again after a reload, each in its field, until they are taken back', () => {
    const here = visit();
    here.of(() => 'paste').set('2 cups flo');
    here.of(() => 'wish a').set('24 muffins and');
    TestBed.tick();
    const again = visit();
    const wish = again.of(() => 'wish a');
    expect(again.of(() => 'paste')()).toBe('2 cups flo');
    expect(wish()).toBe('24 muffins and');
    expect(again.of(() => 'wish b')()).toBe('');
    wish.set('');
    TestBed.tick();
    expect(visit().of(() => 'wish a')()).toBe('');
  });
  it('begin empty where what was stored is none of theirs', () => {
    sessionStorage.setItem('orvin-unconfirmed', '{"paste":7');
    expect(visit().of(() => 'paste')()).toBe('');
    sessionStorage.setItem('orvin-unconfirmed', '[["paste",7],"x",["a","b"]]');
    const here = visit();
    expect(here.of(() => 'paste')()).toBe('');
    expect(here.of(() => 'a')()).toBe('b');
  });
});
