<?php

declare(strict_types=1);

use IdleMixer\Core\Population\CountOn;
use IdleMixer\Core\Population\Forecaster;
use IdleMixer\Core\Population\Kill;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Population\Outbreak;
use IdleMixer\Core\Population\Treatment;
use IdleMixer\Core\Population\Wanted;
use IdleMixer\Core\Population\Warmths;

/*
 * How long it takes to see sixty days ahead from eight counts and three rounds, and to search the fewest rounds of them, for every pest that is known to multiply.
 *
 * Usage: php -d opcache.enable_cli=1 benchmarks/ahead.php [rounds]
 */

require __DIR__ . '/../vendor/autoload.php';

$rounds = max(3, (int) ($argv[1] ?? 9));
$middle = static function (callable $what) use ($rounds): float {
    $took = [];
    for ($round = 0; $round < $rounds; ++$round) {
        $begun = hrtime(true);
        $what();
        $took[] = (hrtime(true) - $begun) / 1e6;
    }
    sort($took);

    return $took[intdiv($rounds, 2)];
};
$kill = new Kill(['young' => 0.8, 'adult' => 0.8]);
echo "| pest | forecast, ms | search, ms | search of two in turn, ms |\n|---|---|---|---|\n";
foreach (LifeCatalogue::shipped()->troubles() as $trouble) {
    $life = LifeCatalogue::shipped()->of($trouble) ?? throw new LogicException($trouble);
    $outbreak = new Outbreak($life, Warmths::steady(22.0), array_map(static fn(int $day): Treatment => new Treatment($day, $kill), [3, 12, 20]));
    $counts = array_map(static fn(int $i): CountOn => new CountOn(4 * $i, 40.0 + 5.0 * $i), range(0, 7));
    $forecast = Forecaster::usual()->of($outbreak, $counts, 60);
    printf("| %s | %.1f | %.0f | %.0f |\n", $trouble, $middle(static fn() => Forecaster::usual()->of($outbreak, $counts, 60)), $middle(static fn() => $forecast->search(new Wanted($kill, 28, 28, 87, 5, 8))), $middle(static fn() => $forecast->search(new Wanted($kill, 28, 28, 87, 5, 8, [30, 31, 37, 38, 44, 45], [new Kill(['egg' => 0.5, 'young' => 0.6])]))));
}
