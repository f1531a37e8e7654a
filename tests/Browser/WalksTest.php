<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Taps;

/*
 * The whole job as somebody does it who never saw these screens, on a phone, from an empty notebook: from “what is on my plant” to what it
 * did. Taps are counted, and held to what docs/walk.md says of each walk; so is the longest wait for a screen.
 */

/** @param callable(Taps, Served): void $walk */
function walked(callable $walk, int $most): void
{
    $served = Served::in(sys_get_temp_dir() . '/idle-mixer-walk-' . bin2hex(random_bytes(4)));
    try {
        Screen::with($served, static function (Screen $screen) use ($walk, $served, $most): void {
            $taps = new Taps($screen);
            $screen->open('/')->see('This notebook is empty');
            $walk($taps, $served);
            fwrite(\STDERR, sprintf("%d taps, the longest wait %.0f ms (%s)\n", $taps->count, $taps->longest, $taps->waitedFor));
            expect($taps->count)->toBeLessThanOrEqual($most)->and($screen->complaints())->toBe([]);
        }, 390, 844);
    } finally {
        $served->stop();
    }
}

it('takes aphids on a shrub from the first look to what the soap did', function (): void {
    walked(static function (Taps $taps, Served $served): void {
        $taps->press('What is on my plant?', 'Anything alive')->press('Clusters of small soft insects on tips or stems', '')->press('A sticky shine on leaves or on the sill', 'Name of the plant')
            ->type('Name of the plant', 'Currant bush', '')->press('Open a case: aphids', 'what to do')
            ->press('To the case', 'Count what is there first')->type('How many', '60', '')->press('Save the count', 'Not sprayed yet')
            ->press('What to do', 'what to do')->press('Mix it: Plain soap spray', 'Start mixing')
            ->press('Trigger bottle, 1 US qt', 'is saved')->pressWhere('button[aria-label^="US kitchen spoons"]', 'now yours')
            ->press('Start mixing', 'Step 1 of')->mix('It is mixed: save it')->press('Save the batch', 'What is in the bottle')->press('The leaves are wet: start waiting', '48 hours to go');
        $served->passHours(49);
        $taps->press('Today', 'Look at the test leaves')->press('Say how they look', 'The wait is over')->press('All are clean', '')->press('Save this look', 'none of 3 leaves')
            ->press('Spray it', 'stands ready')->press('It is sprayed', 'Is any of it left?')->press('It is kept', '');
        $served->passHours(25);
        $taps->press('Today', 'Count aphids')->type('How many', '6', '')->press('Keep', 'is saved.')->press('Worked', '89 %');
    }, 33);
});

it('takes mealybugs on three house plants through one jar of alcohol', function (): void {
    walked(static function (Taps $taps, Served $served): void {
        $taps->press('What is on my plant?', 'Anything alive')->press('White fluff in leaf joints or along veins', '')->press('Fluff that smears pink or brown under a swab of alcohol', 'Name of the plant')
            ->type('Name of the plant', 'Wax flower', '')->press('Open a case: mealybugs', 'what to do')
            ->press('To the case', 'Count what is there first')->type('How many', '14', '')->press('Save the count', 'Not sprayed yet')
            ->press('On another plant, too', 'Name of the plant')->type('Name of the plant', 'Jade', '')->press('Open a case: mealybugs', 'Mealybugs on Jade')
            ->type('Name of the plant', 'Orchid', '')->press('Open a case: mealybugs', 'Mealybugs on Orchid')
            ->press('What to do', 'what to do')->press('Mix it: Half-alcohol swab', 'Start mixing')->press('Start mixing', 'Step 1 of')
            ->mix('It is mixed: save it')->press('Save the batch', 'What is in the bottle')->press('The leaves are wet: start waiting', '48 hours to go');
        $served->passHours(49);
        $taps->press('Today', 'Look at the test leaves')->press('Say how they look', 'The wait is over')->press('All are clean', '')->press('Save this look', 'none of 3 leaves')
            ->press('Spray it', 'stands ready')->press('Step by step', 'Which plants, in which order?')->press('Mealybugs on Jade', '')->press('Mealybugs on Orchid', '')
            ->type('Why all the same?', 'The same kind of leaf', '')->press('Begin', 'Step 1 of')->through()->press('Nothing', '3 of 3 plants');
    }, 42);
});

it('takes winter oil to bare wood', function (): void {
    walked(static function (Taps $taps): void {
        $taps->press('What is on my plant?', 'Anything alive')->press('Clusters of tiny eggs on bare twigs', 'Name of the plant')
            ->type('Name of the plant', 'Old plum', '')->choose('Its leaf', 'Bare dormant wood', '')->press('Open a case: overwintering eggs', 'what to do')
            ->press('To the case', 'Count what is there first')->type('How many', '12', '')->press('Save the count', 'Not sprayed yet')
            ->press('What to do', 'what to do')->press('Mix it: Winter wood oil', 'Start mixing')
            ->press('Pump can, 5 L', 'is saved')->pressWhere('button[aria-label^="Metric spoons"]', 'now yours')
            ->press('Start mixing', 'Step 1 of')->mix('It is mixed: save it')->press('Save the batch', 'What is in the bottle')
            ->press('Overwintering eggs on Old plum', 'no frost for two days')->press('It is sprayed', 'Is any of it left?')->press('All used up', '');
    }, 40);
});
