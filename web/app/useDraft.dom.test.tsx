import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { storedOrder } from '#contract/storedKinds';
import { type OrderSettings, usualSettings } from '#core/order/settings';
import { useDraft } from './useDraft.ts';

beforeEach(() => localStorage.clear());

const saved: OrderSettings = usualSettings;
const open = (name = 'order 1') => renderHook(() => useDraft(storedOrder, name, saved));
const atEnd = (now: OrderSettings): OrderSettings => ({ ...now, checks: 'blocks' });

describe('work that is not saved', () => {
  it('is there again after the page was left, with a word that it was', () => {
    const first = open();
    expect(first.result.current).toMatchObject({ changed: false, wasFound: false });
    act(() => first.result.current.commit(atEnd));
    expect(first.result.current).toMatchObject({ changed: true, canUndo: true });
    first.unmount();
    const again = open();
    expect(again.result.current.now.checks).toBe('blocks');
    expect(again.result.current).toMatchObject({ changed: true, wasFound: true });
    act(() => again.result.current.undo());
    expect(again.result.current.now).toBe(saved);
  });

  it('is of one thing only', () => {
    const first = open();
    act(() => first.result.current.commit(atEnd));
    first.unmount();
    expect(open('order 2').result.current.changed).toBe(false);
  });

  it('is gone once it is saved, discarded or undone', () => {
    for (const end of ['forget', 'discard', 'undo'] as const) {
      const draft = open();
      act(() => draft.result.current.commit(atEnd));
      act(() => draft.result.current[end]());
      draft.unmount();
      const again = open();
      expect(again.result.current.changed, end).toBe(false);
      again.unmount();
    }
  });

  it('in a form that nobody understands is let go', () => {
    localStorage.setItem('ozzet.draft.order 1', '{"v":99}');
    expect(open().result.current).toMatchObject({ changed: false, wasFound: false });
  });
});
