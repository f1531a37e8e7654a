<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import { Household } from '../../lib/household.svelte';
    import { isElsewhere } from '../../lib/elsewhere';
    import { keys } from '../../lib/keys.svelte';
    import Head from '../../parts/Head.svelte';
    import ThemeSwitch from '../../parts/ThemeSwitch.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import CalibrateForm from './CalibrateForm.svelte';
    import LockDevice from './LockDevice.svelte';
    import HouseholdForm from './HouseholdForm.svelte';
    import MeasureForm from './MeasureForm.svelte';
    import OneTap from './OneTap.svelte';
    import Recipes from './Recipes.svelte';
    import SignIns from './SignIns.svelte';
    import ShelfBoard from './ShelfBoard.svelte';
    import SprayerForm from './SprayerForm.svelte';
    import WhoForm from './WhoForm.svelte';
    import Things from './Things.svelte';

    const shed = new Loaded(async () => {
        const [catalogue, { sprayers }, { measures }, household, { recipes }, { people }] = await Promise.all([
            taken(api.GET('/api/catalogue')),
            taken(api.GET('/api/sprayers')),
            taken(api.GET('/api/measures')),
            Household.fetch(),
            taken(api.GET('/api/recipes')),
            taken(api.GET('/api/people')),
        ]);
        return { catalogue, sprayers, measures, household, recipes, people };
    });
    const again = (): void => void shed.reload();
    undo.followedBy(shed);
    /** Open while there are none; as the hand left it from then on. */
    let addSprayer = $state<boolean>();
    let addMeasure = $state<boolean>();
</script>

<Head title={say('shed/shed.shed')}><a class="btn" href="/shelf">{say('shed/shed.bottles')}</a></Head>
<Waiting of={shed}>
    {#snippet children(all)}
        <ShelfBoard sprayers={all.sprayers} measures={all.measures} />
        <div class="grid items-start gap-x-8 gap-y-4 lg:grid-cols-2">
            <div class="grid min-w-0 gap-4">
                <section class="dish grid gap-3" aria-label={say('shed/shed.sprayers')}>
                    <h2>{say('shed/shed.sprayers')}</h2>
                    <Things
                        path="sprayers"
                        things={all.sprayers}
                        about={(one) => one.words}
                        to={(one) => `/sprayers/${one.id}`}
                        onchange={again}
                        none={say('shed/shed.none-yet-tap-one-that')}
                    />
                    <details open={addSprayer ?? all.sprayers.length === 0} ontoggle={(event) => (addSprayer = event.currentTarget.open)}>
                        <summary class="link min-h-11 cursor-pointer py-2">{say('shed/shed.add-sprayers')}</summary>
                        <div class="grid gap-3">
                            <OneTap catalogue={all.catalogue} of="sprayers" onadded={again} />
                            <SprayerForm units={all.catalogue.volumeUnits} shapes={all.catalogue.shapes} onadded={again} />
                        </div>
                    </details>
                </section>
                <section class="dish grid gap-3" aria-label={say('shed/shed.measures')}>
                    <h2>{say('shed/shed.spoons-and-measures')}</h2>
                    <Things
                        path="measures"
                        things={all.measures}
                        about={(one) => one.words}
                        onchange={again}
                        none={say('shed/shed.none-yet-us-kitchen-set')}
                    >
                        {#snippet form(measure, done)}<MeasureForm {measure} units={all.catalogue.volumeUnits} onadded={done} />{/snippet}
                    </Things>
                    <details open={addMeasure ?? all.measures.length === 0} ontoggle={(event) => (addMeasure = event.currentTarget.open)}>
                        <summary class="link min-h-11 cursor-pointer py-2">{say('shed/shed.add-spoons')}</summary>
                        <div class="grid gap-3">
                            <OneTap catalogue={all.catalogue} of="spoons" onadded={again} />
                            <MeasureForm units={all.catalogue.volumeUnits} onadded={again} />
                        </div>
                    </details>
                    <CalibrateForm measures={all.measures} ingredients={all.catalogue.ingredients} onkept={again} />
                </section>
                <HouseholdForm household={all.household} />
                <details class="no-print dish" open={isElsewhere()}>
                    <summary class="min-h-12 cursor-pointer py-2"><h2 class="inline">{say('shed/shed.this-device')}</h2></summary>
                    <div class="flex flex-wrap items-center gap-3 py-2">
                        <ThemeSwitch />
                        <button class="btn" onclick={() => (keys.sheet = true)}>{say('shed/shed.keys')}</button>
                        {#if isElsewhere()}<LockDevice />{/if}
                        <WhoForm people={all.people} />
                        <SignIns />
                    </div>
                </details>
            </div>
            <Recipes recipes={all.recipes} onadded={again} />
        </div>
    {/snippet}
</Waiting>
