<script lang="ts">
    import Minus from '@lucide/svelte/icons/minus';
    import Plus from '@lucide/svelte/icons/plus';
    import { typedNumber } from '../lib/figures';

    /** A whole number that is tapped up and down, or typed. */
    let { label, name, value = $bindable(), brief = false }: { label: string; name: string; value: string; brief?: boolean } = $props();

    const id = $props.id();
    let field = $state<HTMLInputElement>();

    /** A figure that is typed while a button has the focus is meant for the field. */
    function typed(event: KeyboardEvent): void {
        if (/^\d$/.test(event.key)) {
            event.preventDefault();
            value = event.key;
            field?.focus();
        }
    }

    function by(step: number): void {
        const now = typedNumber(value);
        value = String(Math.max(0, (Number.isNaN(now) ? 0 : now) + step));
    }
</script>

<div class="grid gap-1">
    <label for={id} class={[brief && 'sr-only']}>{label}</label>
    <div class="flex gap-1" role="group" aria-label={label} data-enters>
        <button
            type="button"
            class="btn btn-square size-12"
            aria-label={say('parts/stepper.one-less', { label })}
            onkeydown={typed}
            onclick={() => by(-1)}><Minus size={22} aria-hidden="true" /></button
        >
        <input
            bind:this={field}
            {id}
            class="input numeral h-12 w-20 text-center text-xl"
            inputmode="decimal"
            autocomplete="off"
            {name}
            bind:value
        />
        <button
            type="button"
            class="btn btn-square size-12"
            aria-label={say('parts/stepper.one-more', { label })}
            onkeydown={typed}
            onclick={() => by(1)}><Plus size={22} aria-hidden="true" /></button
        >
    </div>
</div>
