<script lang="ts">
  import type { ClassFile } from '../lib/api/client';

  interface Props {
    document: ClassFile;
    onchange: (edit: (document: ClassFile) => void) => void;
  }

  const { document, onchange }: Props = $props();

  type Group = NonNullable<ClassFile['group']>;
  const group = $derived(document.group ?? {});

  const set = (change: Partial<Group>) => onchange((d) => (d.group = { ...d.group, ...change }));
  const count = (value: number) => (Number.isInteger(value) && value >= 0 && value <= 500 ? value : 0);
</script>

<div class="flex flex-wrap items-end gap-4">
  <label class="text-[13.5px] text-muted"
    >People
    <input
      class="field w-24"
      type="number"
      min="0"
      max="500"
      value={group.size ?? 0}
      onchange={(e) => set({ size: count(e.currentTarget.valueAsNumber) })}
    /></label
  >
  <label class="text-[13.5px] text-muted"
    >New to it
    <input
      class="field w-24"
      type="number"
      min="0"
      max="500"
      value={group.newcomers ?? 0}
      onchange={(e) => set({ newcomers: count(e.currentTarget.valueAsNumber) })}
    /></label
  >
  <label class="text-[13.5px] text-muted"
    >Pace
    <select
      class="field"
      value={group.pace ?? 'usual'}
      onchange={(e) => set({ pace: e.currentTarget.value as Group['pace'] })}
    >
      <option value="gentle">gentle</option><option value="usual">usual</option><option value="brisk"
        >brisk</option
      >
    </select></label
  >
  <label class="text-[13.5px] text-muted"
    >Ages
    <select
      class="field"
      value={group.age ?? 'mixed'}
      onchange={(e) => set({ age: e.currentTarget.value as Group['age'] })}
    >
      <option value="mixed">mixed</option><option value="older">older people</option>
    </select></label
  >
</div>
