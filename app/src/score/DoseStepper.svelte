<script lang="ts">
  import { unitFor } from '../lib/words';
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';
  import { mostOf, type Unit } from '../document/doses';

  interface Props {
    name: string;
    unit: Unit;
    amount: number;
    step: number;
    locked: boolean;
    onchange: (amount: number) => void;
  }

  const { name, unit, amount, step, locked, onchange }: Props = $props();

  function set(next: number) {
    const whole = Math.round(next);
    if (whole >= 1 && whole <= mostOf[unit] && whole !== amount) onchange(whole);
  }

  function typed(event: Event & { currentTarget: HTMLInputElement }) {
    const next = Number(event.currentTarget.value);
    if (Number.isFinite(next)) set(next);
    event.currentTarget.value = String(amount);
  }
</script>

<div class="flex items-center gap-1" role="group" aria-label="{unit} of {name}">
  <button
    class="step"
    disabled={locked || amount <= 1}
    aria-label="Fewer {unit}"
    onclick={() => set(Math.max(1, amount - step))}
  >
    <Minus size={16} aria-hidden="true" />
  </button>
  <label class="w-14 text-center leading-none">
    <input
      class="w-full rounded-md bg-transparent text-center font-head text-[20px] font-semibold"
      inputmode="numeric"
      value={amount}
      disabled={locked}
      aria-label="{unit} of {name}"
      onchange={typed}
    />
    <span class="block text-[12px] text-muted" aria-hidden="true">{unitFor(amount, unit)}</span>
  </label>
  <button
    class="step"
    disabled={locked || amount >= mostOf[unit]}
    aria-label="More {unit}"
    onclick={() => set(Math.min(mostOf[unit], amount + step))}
  >
    <Plus size={16} aria-hidden="true" />
  </button>
</div>

<style>
  @media print {
    .step {
      visibility: hidden;
    }
  }
  .step {
    display: grid;
    place-items: center;
    width: 36px;
    height: 40px;
    border-radius: 10px;
    background: var(--sand);
  }
  .step:hover:not(:disabled) {
    background: var(--sand-deep);
  }
  .step:disabled {
    opacity: 0.45;
  }
</style>
