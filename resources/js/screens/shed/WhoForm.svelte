<script lang="ts">
    import { tell, toldBefore } from '../../lib/teller';

    /** The names that stand on records so far. */
    const { people }: { people: string[] } = $props();
    const LONGEST = 40;
    let name = $state(toldBefore('who'));
    let kept = $state(false);

    function keep(said: string): void {
        name = said.trim().slice(0, LONGEST);
        tell('who', name);
        kept = true;
    }
</script>

<div class="grid w-full gap-2">
    <label class="grid gap-1"
        ><span class="font-bold">{say('shed/who-form.who-uses-this-device')}</span><input
            class="input w-full"
            maxlength={LONGEST}
            autocomplete="nickname"
            placeholder={say('shed/who-form.name-or-nothing')}
            value={name}
            onchange={(event) => keep(event.currentTarget.value)}
        /></label
    >
    {#if people.some((one) => one !== name)}
        <div class="flex flex-wrap gap-2" role="group" aria-label={say('shed/who-form.names-so-far')}>
            {#each people as one (one)}<button class="btn" aria-pressed={one === name} onclick={() => keep(one)}>{one}</button>{/each}
        </div>
    {/if}
    <p class="quiet text-sm" role="status">
        {kept
            ? name === ''
                ? say('shed/who-form.from-now-on-no-name')
                : say('shed/who-form.from-now-on-stands-on', { name })
            : say('shed/who-form.stands-on-what-written-down')}
    </p>
</div>
