// @vitest-environment happy-dom
import { useState } from 'react';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { AMERICAN, field, fill, fileInput, show } from '../../../tests/unit/render';
import { DEFAULT_UNITS, type Units } from '@/words/units';
import { ActionButton } from './action-button';
import { CheckList } from './check-list';
import { ChoiceRow, optionsOf } from './choice-row';
import { FileField } from './file-field';
import { isTyping } from './is-typing';
import { NumberField } from './number-field';
import { useScales } from './scales';
import { SelectField } from './select-field';
import { SliderField } from './slider-field';
import { TextField } from './text-field';

const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

type Quantity = keyof ReturnType<typeof useScales>;

interface NumberProps {
  of: Quantity;
  start?: number;
  step?: number;
  decimals?: number;
  startShown?: number;
  heard: (value: number | undefined) => void;
}

function OneNumber({ of, start, step = 1, decimals, startShown, heard }: NumberProps) {
  const [value, setValue] = useState(start);
  const scales = useScales();
  return (
    <NumberField
      label="Figure"
      scale={scales[of]}
      step={step}
      decimals={decimals}
      startShown={startShown}
      value={value}
      onChange={(next) => {
        heard(next);
        setValue(next);
      }}
    />
  );
}

/** A number field on its own: what was stored last, and what it shows. */
function number(props: Omit<NumberProps, 'heard'>, units: Units = DEFAULT_UNITS) {
  let last: number | undefined;
  const heard = vi.fn((value: number | undefined) => {
    last = value;
  });
  show(<OneNumber {...props} heard={heard} />, units);
  return { heard, stored: () => last, shown: () => field('Figure').value };
}

describe('a number', () => {
  it.each([
    ['-12.5', -12.5],
    ['−12,5', -12.5],
    ['–3', -3],
    [' 7 ', 7],
    ['.5', 0.5],
    ['+4', 4],
    ['13,5', 13.5],
  ])('typed as %j is %d', (text, value) => {
    const one = number({ of: 'temperature' });
    fill('Figure', text);
    expect(one.stored()).toBeCloseTo(value, 9);
    expect(one.shown()).toBe(text);
  });

  it.each(['1e5', '12 °C', '1.2.3', '--4', 'cold', '0x10', '∞'])(
    'typed as %j is none, and stays as it was typed',
    (text) => {
      const one = number({ of: 'temperature', start: -5 });
      fill('Figure', text);
      expect(one.stored()).toBeNaN();
      expect(one.shown()).toBe(text);
    },
  );

  it('emptied is nothing, not zero', () => {
    const one = number({ of: 'temperature', start: -5 });
    fill('Figure', '');
    expect(one.heard).toHaveBeenLastCalledWith(undefined);
  });

  it.each<[Quantity, string, number]>([
    ['temperature', '14', -10],
    ['difference', '1.8', 1],
    ['distance', '10', 16.09344],
    ['altitude', '1000', 304.8],
    ['humidity', '85', 0.85],
  ])('of %s typed in American units is stored in SI', (of, text, stored) => {
    const one = number({ of }, AMERICAN);
    fill('Figure', text);
    expect(one.stored()).toBeCloseTo(stored, 6);
  });

  it.each<[Quantity, number, string]>([
    ['temperature', -40, '−40.0'],
    ['distance', 16.09344, '10.0'],
    ['altitude', 304.8, '1000.0'],
  ])('of %s stored in SI is shown in American units', (of, start, shown) => {
    expect(number({ of, start }, AMERICAN).shown()).toBe(shown);
  });

  it('goes by its step, onto the grid of the step, and starts where it is told', () => {
    const one = number({ of: 'temperature', start: -5.3, step: 0.5 });
    press('Figure up');
    expect(one.stored()).toBeCloseTo(-5, 9);
    press('Figure down');
    press('Figure down');
    expect(one.stored()).toBeCloseTo(-6, 9);
  });

  it('starts from a usual value where it is empty or no number', () => {
    const one = number({ of: 'humidity', step: 5, decimals: 0, startShown: 70 });
    press('Figure up');
    expect(one.stored()).toBeCloseTo(0.75, 9);
    fill('Figure', 'damp');
    press('Figure down');
    expect(one.stored()).toBeCloseTo(0.65, 9);
  });

  it('says its hint, and what is wrong, to who cannot see them', () => {
    const props = {
      label: 'Figure',
      scale: { unit: 'g', toShown: (n: number) => n, toStored: (n: number) => n },
    };
    show(
      <NumberField
        {...props}
        step={1}
        value={NaN}
        onChange={() => undefined}
        hint="In grams"
        problem="Enter a number."
      />,
    );
    const hint = document.getElementById(field('Figure').getAttribute('aria-describedby')!);
    expect(hint?.textContent).toBe('In grams');
    expect(screen.getByRole('alert').textContent).toBe('Enter a number.');
    expect(field('Figure').getAttribute('aria-invalid')).toBe('true');
  });
});

describe('one of a few', () => {
  const WORDS = { dry: 'Dry', moist: 'Moist', wet: 'Wet' } as const;
  type Wetness = keyof typeof WORDS;
  const OPTIONS = optionsOf(Object.keys(WORDS) as Wetness[], WORDS);

  function Row({ heard }: { heard: (value: Wetness) => void }) {
    const [value, setValue] = useState<Wetness>();
    return (
      <ChoiceRow
        legend="Wetness"
        name="wetness"
        options={OPTIONS}
        value={value}
        problem={value ? undefined : 'Choose one.'}
        onChange={(next) => {
          heard(next);
          setValue(next);
        }}
      />
    );
  }

  it('is taken by a press, told as chosen, and no longer wrong', async () => {
    const heard = vi.fn();
    const { user } = show(<Row heard={heard} />);
    expect(screen.getByRole('radiogroup', { name: 'Wetness' })).toBeTruthy();
    expect(screen.getByRole('alert').textContent).toBe('Choose one.');
    await user.click(screen.getByRole('radio', { name: 'Moist' }));
    expect(heard).toHaveBeenCalledWith('moist');
    await waitFor(() =>
      expect(screen.getByRole<HTMLInputElement>('radio', { name: 'Moist' }).checked).toBe(true),
    );
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('two rows of the same name on one screen do not take each other’s choice', async () => {
    const [first, second] = [vi.fn(), vi.fn()];
    const { user } = show(
      <>
        <Row heard={first} />
        <Row heard={second} />
      </>,
    );
    await user.click(screen.getAllByRole('radio', { name: 'Dry' })[0]!);
    await user.click(screen.getAllByRole('radio', { name: 'Wet' })[1]!);
    expect(first).toHaveBeenCalledTimes(1);
    expect(second).toHaveBeenCalledTimes(1);
    const chosen = screen.getAllByRole<HTMLInputElement>('radio').filter((one) => one.checked);
    expect(chosen).toHaveLength(2);
  });
});

describe('some of a few', () => {
  const WORDS = { brush: 'Brush', iron: 'Iron', scraper: 'Scraper' } as const;
  type Tool = keyof typeof WORDS;

  it('are ticked and unticked, each without the others', async () => {
    const heard = vi.fn();
    function List() {
      const [checked, setChecked] = useState<Tool[]>(['iron']);
      return (
        <CheckList
          legend="Tools"
          options={['brush', 'iron', 'scraper']}
          words={WORDS}
          checked={checked}
          onChange={(next) => {
            heard(next);
            setChecked(next);
          }}
        />
      );
    }
    const { user } = show(<List />);
    await user.click(screen.getByRole('checkbox', { name: 'Brush' }));
    expect(heard).toHaveBeenLastCalledWith(['iron', 'brush']);
    await user.click(screen.getByRole('checkbox', { name: 'Iron' }));
    expect(heard).toHaveBeenLastCalledWith(['brush']);
    expect(screen.getByRole('group', { name: 'Tools' })).toBeTruthy();
  });
});

describe('text, lists and sliders', () => {
  it('a line of text may be one of a list', () => {
    const heard = vi.fn();
    show(<TextField label="Zone" value="" onChange={heard} list={['CET', 'EET']} />);
    const line = screen.getByLabelText<HTMLInputElement>('Zone');
    fireEvent.change(line, { target: { value: 'EE' } });
    expect(heard).toHaveBeenCalledWith('EE');
    const offered = document.getElementById(line.getAttribute('list')!)!;
    expect([...offered.querySelectorAll('option')].map((one) => one.value)).toEqual(['CET', 'EET']);
  });

  it('one of many gives its value, not its words', () => {
    const heard = vi.fn();
    show(
      <SelectField
        label="Order"
        value="name"
        onChange={heard}
        options={[
          { value: 'name', label: 'By name' },
          { value: 'due', label: 'Due first' },
        ]}
      />,
    );
    fireEvent.change(screen.getByRole('combobox', { name: 'Order' }), {
      target: { value: 'due' },
    });
    expect(heard).toHaveBeenCalledWith('due');
  });

  it('a slider says its value in words, and keys move it by its step', async () => {
    function One() {
      const [value, setValue] = useState(10);
      return (
        <SliderField
          label="Pace"
          value={value}
          shown={`${value} s`}
          min={5}
          max={12}
          step={1}
          onChange={setValue}
        />
      );
    }
    const { user } = show(<One />);
    const slider = screen.getByRole('slider');
    expect(slider.getAttribute('aria-valuetext')).toBe('10 s');
    slider.focus();
    await user.keyboard('{ArrowRight}{ArrowRight}{ArrowRight}');
    await waitFor(() => expect(slider.getAttribute('aria-valuetext')).toBe('12 s'));
  });
});

describe('a file', () => {
  it.each([
    ['rack.csv', 'text/csv'],
    ['RACK.CSV', 'application/vnd.ms-excel'],
    ['rack', ''],
  ])('is given on whatever the browser calls it: %s', async (name, type) => {
    const heard = vi.fn();
    const { user } = show(
      <FileField label="Skis" button="Choose" accept=".csv" id="file" onFile={heard} />,
    );
    const input = await fileInput('file');
    input.removeAttribute('accept');
    await user.upload(input, new File(['a;b'], name, { type }));
    await waitFor(() => expect(heard).toHaveBeenCalledTimes(1));
    expect((heard.mock.calls[0]![0] as File).name).toBe(name);
  });
});

describe('a button', () => {
  it('that is busy keeps the focus and takes no press', () => {
    const pressed = vi.fn();
    show(
      <ActionButton loading loadingText="Saving…" onClick={pressed}>
        Save
      </ActionButton>,
    );
    const button = screen.getByRole<HTMLButtonElement>('button', { name: 'Saving…' });
    button.focus();
    fireEvent.click(button);
    expect(pressed).not.toHaveBeenCalled();
    expect(document.activeElement).toBe(button);
    expect(button.getAttribute('aria-busy')).toBe('true');
    expect(button.disabled).toBe(false);
  });
});

describe('typing', () => {
  const element = (html: string) => {
    document.body.innerHTML = html;
    return document.body.firstElementChild;
  };

  it.each([
    ['<input type="text">', true],
    ['<input>', true],
    ['<input type="datetime-local">', true],
    ['<textarea></textarea>', true],
    ['<select></select>', true],
    ['<input type="radio">', false],
    ['<input type="checkbox">', false],
    ['<button></button>', false],
    ['<div></div>', false],
  ])('into %s is typing: %s', (html, is) => {
    expect(isTyping(element(html))).toBe(is);
  });

  it('is nowhere when no element has the key', () => {
    expect(isTyping(null)).toBe(false);
    expect(isTyping(document)).toBe(false);
  });
});
