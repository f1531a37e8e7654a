<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * How long the plan in spoons takes for a recipe of eight lines with twenty measures at hand: fixed sets, random amounts.
 * Usage: php benchmarks/spoons.php [rounds]
 */

require __DIR__ . '/../vendor/autoload.php';


const LINES = 8;
const MEASURES = 20;

$random = new Randomizer(new Mt19937(20));
$between = static fn(float $low, float $high): float => $low * ($high / $low) ** ($random->getInt(0, 1_000_000) / 1e6);
$kitchen = [...array_map(static fn(float $ml): Amount => Amount::of($ml, Unit::Millilitre), [0.05, 0.5, 1.0, 2.0, 2.5, 5.0, 10.0, 15.0, 20.0, 25.0, 50.0, 60.0, 100.0, 125.0, 250.0]), Amount::of(1.0, Unit::UsTeaspoon), Amount::of(1.0, Unit::UsTablespoon), Amount::of(1.0, Unit::UsCup), Amount::of(0.5, Unit::UsTeaspoon), Amount::of(0.25, Unit::UsTeaspoon)];
$sets = [
    'a well stocked kitchen' => static fn(): array => $kitchen,
    'odd spoons, each as it was measured' => static fn(): array => array_map(static fn(): Amount => Amount::of($between(0.3, 250.0), Unit::Millilitre), range(1, MEASURES)),
];
$rounds = max(50, (int) ($argv[1] ?? 400));
echo '| ' . LINES . ' lines, ' . MEASURES . " measures | median, ms | p95, ms | longest, ms |\n|---|---|---|---|\n";
foreach ($sets as $name => $set) {
    $times = [];
    for ($round = 0; $round < $rounds; ++$round) {
        $measures = array_map(Measure::holding(...), $set());
        $amounts = array_map(static fn(): float => $between(0.5, 500.0), range(1, LINES));
        $start = hrtime(true);
        $planner = new ScoopPlanner($measures);
        foreach ($amounts as $ml) {
            $planner->plan($ml);
        }
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    printf("| %s | %.2f | %.2f | %.2f |\n", $name, $times[intdiv($rounds, 2)], $times[(int) (0.95 * ($rounds - 1))], $times[$rounds - 1]);
}
