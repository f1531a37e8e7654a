<script lang="ts">
    import { tick } from 'svelte';
    import Verdicts from '../../parts/Verdicts.svelte';
    import AboutSpray from './AboutSpray.svelte';
    import type { BenchState } from './bench.svelte';
    import CardButtons from './CardButtons.svelte';
    import DayFields from './DayFields.svelte';
    import Drawer from './Drawer.svelte';
    import type { DrawerName } from './drawers';
    import Glass from './Glass.svelte';
    import HowMuch from './HowMuch.svelte';
    import LeftOver from './LeftOver.svelte';
    import MixSettings from './MixSettings.svelte';
    import MyBottle from './MyBottle.svelte';
    import { settingsOf } from './setting';
    import Spoons from './Spoons.svelte';
    import OneTap from '../shed/OneTap.svelte';
    import StockJar from './StockJar.svelte';

    const { state: bench }: { state: BenchState } = $props();
    let open = $state<Record<DrawerName, boolean>>({
        bottle: false,
        own: false,
        why: false,
        glass: false,
        settings: false,
        day: false,
        much: false,
        steps: false,
        spray: false,
        stock: false,
    });
    const plan = $derived(bench.plan);
    const cautions = $derived(bench.against.length + (plan?.verdicts.filter((one) => one.level !== 'ok').length ?? 0));
    const again = $derived(plan?.emulsion.orders.find((one) => one.order === bench.orderNow)?.words);

    /** Of what it is asked which bottle somebody has. */
    let of = $state<string | null>(null);

    export function word(ingredient: string | null): void {
        of = ingredient;
        void show('bottle');
    }

    /** Opens one of them and goes there. */
    export async function show(name: DrawerName): Promise<void> {
        open[name] = true;
        await tick();
        const drawer = document.querySelector<HTMLElement>(`[data-drawer="${name}"]`);
        drawer?.scrollIntoView({ block: 'center' });
        drawer?.querySelector('summary')?.focus({ preventScroll: true });
    }
</script>

<div class="mt-4 grid items-start gap-x-8 md:grid-cols-2" data-drawers>
    <Drawer
        name="why"
        title={say('bench/drawers.what-was-checked')}
        note={cautions === 0 ? say('bench/drawers.all-fine') : say('bench/drawers.to-mind', { cautions })}
        bind:open={open.why}
    >
        {#if bench.against.length > 0}<ul class="mb-3">
                {#each bench.against as reason, i (i)}<li>{reason}</li>{/each}
            </ul>{/if}
        {#if plan !== null}<Verdicts verdicts={plan.verdicts} />{/if}
    </Drawer>
    {#if of !== null}<Drawer name="bottle" title={say('bench/drawers.my-bottle')} note="" bind:open={open.bottle}
            >{#key of}<MyBottle state={bench} {of} ondone={() => (of = null)} />{/key}</Drawer
        >{/if}
    <Drawer
        name="own"
        title={say('bench/drawers.your-sprayer-and-spoons')}
        note={bench.shelf.sprayers.length === 0 ? say('bench/drawers.none-named-yet') : ''}
        bind:open={open.own}
    >
        <div class="grid gap-3">
            <OneTap catalogue={bench.shelf.catalogue} of="sprayers" owned={bench.shelf.sprayers} onadded={() => void bench.restock()} />
            <OneTap catalogue={bench.shelf.catalogue} of="spoons" onadded={() => void bench.restock()} />
            <p class="quiet">
                {bench.shelf.kit.length === 0
                    ? say('bench/drawers.us-kitchen-set-assumed')
                    : say('bench/drawers.spoons-and-marks-are-used', { kit: bench.shelf.kit.length })}
            </p>
            <a class="btn justify-self-start" href="/shed">{say('bench/drawers.all-of-them')}</a>
        </div>
    </Drawer>
    <Drawer name="settings" title={say('bench/drawers.strength-order-water')} note={settingsOf(bench)} bind:open={open.settings}
        ><MixSettings state={bench} /></Drawer
    >
    {#if plan !== null && plan.emulsion.glass.length > 0}
        <Drawer
            name="glass"
            title={say('bench/drawers.how-long-holds')}
            note={again === undefined ? '' : say('bench/drawers.shake-every', { again })}
            bind:open={open.glass}><Glass emulsion={plan.emulsion} order={bench.orderNow} hand={bench.shelf.hand} /></Drawer
        >
    {/if}
    <Drawer name="day" title={say('bench/drawers.day-and-plant')} note={bench.day.summary} bind:open={open.day}
        ><DayFields day={bench.day} /></Drawer
    >
    <Drawer name="much" title={say('bench/drawers.how-much-or-only-so')} note="" bind:open={open.much}
        ><div class="grid gap-4"><HowMuch state={bench} open={open.much} /><LeftOver state={bench} /></div></Drawer
    >
    {#if (bench.recipe?.stocks.length ?? 0) > 0}<Drawer
            name="stock"
            title={say('bench/drawers.stock')}
            note={bench.recipe?.stocks[0]?.name ?? ''}
            bind:open={open.stock}><StockJar state={bench} /></Drawer
        >{/if}
    <Drawer name="steps" title={say('bench/drawers.steps-and-cautions')} note="" bind:open={open.steps}>
        {#if plan !== null}
            {#if plan.loads.length > 1}<Spoons {plan} all {word} />{/if}
            {#if bench.easier?.spoon}<p data-helpful>{bench.easier.spoon}</p>{/if}
            <ol class="my-3 list-decimal space-y-1 pl-6">
                {#each plan.steps as step, i (i)}<li>{step}</li>{/each}
            </ol>
            <h2 class="text-base">{say('bench/drawers.cautions')}</h2>
            <ul class="my-2 list-disc space-y-1 pl-6">
                {#each plan.cautions as caution (caution.code)}<li>{caution.text}</li>{/each}
            </ul>
            <p>{plan.holding.because} {plan.fair_look.because}</p>
            {#each plan.notes as note, i (i)}<p class="quiet text-sm">{note}</p>{/each}
        {/if}
    </Drawer>
    <Drawer name="spray" title={say('bench/drawers.about-this-spray')} note={bench.recipe?.useWords ?? ''} bind:open={open.spray}
        ><AboutSpray state={bench} /></Drawer
    >
</div>
<div class="mt-3 flex flex-wrap items-center gap-2">
    <CardButtons name={bench.recipe?.name ?? ''} {plan} />
    <a class="btn" href="/batches">{say('bench/drawers.earlier-batches')}</a>
</div>
