/** @jest-environment jsdom */
import { act, fireEvent, render } from "@testing-library/react";
import { startChord, useLetterKeys } from "./useLetterKeys";

function Screen({ onKey, isOn = true }: { onKey: (key: string) => boolean; isOn?: boolean }) {
  useLetterKeys(isOn, onKey);
  return <input aria-label="field" />;
}
const press = (key: string, target: Element | Window = window, more: KeyboardEventInit = {}) => fireEvent.keyDown(target, { key, ...more });

beforeEach(() => jest.useFakeTimers());
afterEach(() => {
  act(() => jest.runAllTimers());
  jest.useRealTimers();
});

describe("letter keys", () => {
  test("reach the screen outside fields only, and never with a modifier", () => {
    const onKey = jest.fn(() => true);
    const { container } = render(<Screen onKey={onKey} />);
    const field = container.querySelector("input");
    if (!field) throw new Error("no field");
    press("c");
    press("c", field);
    press("c", window, { ctrlKey: true });
    press("c", window, { metaKey: true });
    expect(onKey).toHaveBeenCalledTimes(1);
  });

  test("Escape leaves a field, so that they work again", () => {
    const { container } = render(<Screen onKey={() => true} />);
    const field = container.querySelector("input");
    field?.focus();
    press("Escape", field ?? window);
    expect(document.activeElement).not.toBe(field);
  });

  test("switched off they are not heard", () => {
    const onKey = jest.fn(() => true);
    render(<Screen onKey={onKey} isOn={false} />);
    press("c");
    expect(onKey).not.toHaveBeenCalled();
  });

  test("a key in a dialog belongs to the dialog", () => {
    const onKey = jest.fn(() => true);
    render(
      <div role="dialog">
        <Screen onKey={onKey} />
      </div>,
    );
    press("c");
    expect(onKey).not.toHaveBeenCalled();
  });
});

describe("two keys in turn", () => {
  const second = jest.fn();
  const alone = jest.fn();
  const chord = (key: string): boolean => {
    if (key !== "b") return false;
    startChord(second, alone);
    return true;
  };
  beforeEach(() => [second, alone].forEach((mock) => mock.mockClear()));

  test("the second belongs to the first, also where a screen uses that letter itself", () => {
    const card = jest.fn((key: string) => key === "c");
    render(
      <>
        <Screen onKey={card} />
        <Screen onKey={chord} />
      </>,
    );
    press("b");
    press("c");
    expect(second).toHaveBeenCalledWith("c");
    expect(card).not.toHaveBeenCalledWith("c");
    press("c");
    expect(card).toHaveBeenLastCalledWith("c");
  });

  test("without a second in time, the first stands alone", () => {
    render(<Screen onKey={chord} />);
    press("b");
    act(() => jest.advanceTimersByTime(1100));
    expect(alone).not.toHaveBeenCalled();
    act(() => jest.advanceTimersByTime(200));
    expect(alone).toHaveBeenCalledTimes(1);
    press("c");
    expect(second).not.toHaveBeenCalled();
  });

  test("pressed twice, the first waits anew", () => {
    render(<Screen onKey={chord} />);
    press("b");
    press("b");
    expect(second).toHaveBeenCalledWith("b");
    act(() => jest.runAllTimers());
    expect(alone).not.toHaveBeenCalled();
  });
});
