<script lang="ts">
  import type { Pause } from '../lib/api/client';
  import { mostPause, pauseFrom, pauseParts, type PauseUnit } from '../document/pauses';

  interface Props {
    label: string;
    pause: Pause | undefined;
    onchange: (pause: Pause | undefined) => void;
  }

  const { label, pause, onchange }: Props = $props();

  const parts = $derived(pauseParts(pause));
  // Chosen before there is a number, the unit waits for it.
  let chosen = $state<PauseUnit | null>(null);
  const unit = $derived(parts.amount > 0 ? parts.unit : (chosen ?? parts.unit));

  function change(amount: number, of: PauseUnit) {
    chosen = of;
    onchange(pauseFrom(of, amount));
  }
</script>

<div class="col-span-full" role="group" aria-label={label}>
  <label for="{label}-amount">{label}</label>
  <div class="flex gap-1">
    <input
      id="{label}-amount"
      class="field min-w-0"
      type="number"
      min="0"
      max={mostPause[unit]}
      value={parts.amount}
      onchange={(e) => change(e.currentTarget.valueAsNumber, unit)}
    />
    <select
      class="field w-auto min-w-0"
      aria-label="Breaths or seconds"
      value={unit}
      onchange={(e) => change(parts.amount, e.currentTarget.value as PauseUnit)}
    >
      <option value="breaths">breaths</option>
      <option value="seconds">seconds</option>
    </select>
  </div>
</div>
