<script lang="ts">
    import Bug from '@lucide/svelte/icons/bug';
    import CalendarCheck from '@lucide/svelte/icons/calendar-check';
    import FlaskConical from '@lucide/svelte/icons/flask-conical';
    import Keyboard from '@lucide/svelte/icons/keyboard';
    import Leaf from '@lucide/svelte/icons/leaf';
    import Scale from '@lucide/svelte/icons/scale';
    import Warehouse from '@lucide/svelte/icons/warehouse';
    import { keys } from '../lib/keys.svelte';
    import { route } from '../routes';
    import ThemeSwitch from './ThemeSwitch.svelte';

    const places = [
        { to: '/', name: 'Today', icon: CalendarCheck },
        { to: '/bench', name: 'Bench', icon: FlaskConical, also: ['/batches', '/sums'] },
        { to: '/leaf-tests', name: 'Leaf tests', icon: Leaf },
        { to: '/cases', name: 'Cases', icon: Bug, also: ['/look'] },
        { to: '/worked', name: 'What worked', icon: Scale },
        { to: '/shed', name: 'Shed', icon: Warehouse, also: ['/recipes', '/sprayers'] },
    ];

    function here(place: (typeof places)[number]): boolean {
        const at = route.pathname;
        return place.to === '/' ? at === '/' : at.startsWith(place.to) || (place.also?.some((other) => at.startsWith(other)) ?? false);
    }
</script>

<header class="no-print bg-base-200 border-base-300 border-b-2">
    <div class="mx-auto flex max-w-7xl items-center gap-2 px-4 sm:px-6">
        <a href="/" class="flex min-h-12 items-center gap-2 py-2 text-xl font-bold whitespace-nowrap">
            <img src="/favicon.svg" alt="" width="28" height="28" />Idle Mixer
        </a>
        <nav
            aria-label="Screens"
            class="bg-base-200 border-base-300 fixed inset-x-0 bottom-0 z-10 border-t-2 lg:static lg:ml-auto lg:border-t-0"
        >
            <ul class="flex">
                {#each places as place (place.to)}
                    <li class="flex-1 lg:flex-none">
                        <a
                            href={place.to}
                            aria-current={here(place) ? 'page' : undefined}
                            class="aria-[current]:border-primary aria-[current]:text-primary flex min-h-14 flex-col items-center justify-center gap-0.5 border-t-4 border-transparent px-1 text-center text-xs leading-tight aria-[current]:font-bold lg:min-h-14 lg:flex-row lg:gap-2 lg:border-t-0 lg:border-b-4 lg:px-2 lg:text-base xl:px-3"
                        >
                            <place.icon size={20} aria-hidden="true" />{place.name}
                        </a>
                    </li>
                {/each}
            </ul>
        </nav>
        <div class="ml-auto flex lg:ml-1">
            <button class="btn btn-ghost btn-square hidden lg:inline-flex" aria-label="Keys" onclick={() => (keys.sheet = true)}
                ><Keyboard size={22} aria-hidden="true" /></button
            >
            <ThemeSwitch />
        </div>
    </div>
</header>
