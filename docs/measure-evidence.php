<?php

declare(strict_types=1);

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Tests\Support\Gardens\Measured;

/*
 * Simulates gardens where the truth is known, and writes docs/evidence.md. Usage: php docs/measure-evidence.php [gardens]
 */

require __DIR__ . '/../vendor/autoload.php';

$gardens = max(50, (int) ($argv[1] ?? 500));
$line = static fn(float $value): string => rtrim(rtrim(sprintf('%.2f', $value), '0'), '.');
$rows = '';
foreach ([1, 2, 3, 4, 5, 6, 7, 8] as $cases) {
    $covered = Measured::coverage($cases, 2 * $gardens);
    $rows .= sprintf("| %d | %.1f %% | %.1f %% |\n", $cases, $covered['effect'], $covered['share']);
}
$clumped = ['round' => '', 'share' => ''];
foreach ([0.5, 1.0, 2.0, 5.0, 10.0] as $k) {
    $cells = ['round' => [], 'share' => []];
    foreach ([3, 5, 10, 20, 40] as $leaves) {
        foreach (Measured::clumped($k, $leaves, $gardens) as $what => $percent) {
            $cells[$what][] = sprintf('%.1f %%', $percent);
        }
    }
    foreach ($cells as $what => $all) {
        $clumped[$what] .= sprintf("| %s | %s |\n", $line($k), implode(' | ', $all));
    }
}
$found = '';
foreach (Measured::gardens($gardens) as $what => $percent) {
    $found .= sprintf("| %s | %.1f %% |\n", $what, $percent);
}
file_put_contents(__DIR__ . '/evidence.md', strtr(<<<'MD'
    # What the evidence is worth

    Written by `php docs/measure-evidence.php`: gardens are simulated where the truth is known, and counted as a gardener counts,
    ten leaves with clumps on them (negative binomial). The gardens are in `core/tests/Support/Gardens`; `./check` runs them with
    fewer draws.

    ## How often an interval holds the truth

    Nominal 95 %. Two to twelve rounds in so many cases; four sprays between 60 and 92 % down, cases that differ by a deviation of
    0.3 to 0.7 on the logarithm of what is left, rounds within a case by 0.3. The effect is the middle percent down (a mean of
    cases on the logarithm, Student 1908); the share is that of rounds that really work, and not of those of which that was counted
    (Bayes on a grid of how much rounds and cases differ, with what each count may be off; `core/src/Evidence/TrueShare`). With one case
    alone, how much cases differ is taken to be {between} (our own figure), so that interval of the effect is wide.

    | Cases | The effect | The share |
    | ----: | ---------: | --------: |
    {rows}
    ## However clumped the pest sits

    Pests sit in clumps: the k of a negative binomial is small where most of them are on a few leaves. Here it goes from 0.5 to 10, and 3 to
    40 leaves are counted, 5 to 100 on a leaf before a round, in gardens that have counted for a season: how clumped the pest sits is taken
    from their own counts (24 looks, and those of the rounds themselves; moments, with three leaves of k = 1 added). {clumpedgardens} gardens a cell
    scatter by {scatter} points by chance. What one round really left (two clumped totals over each other, `core/src/Evidence/LeftInterval`):

    | k | 3 leaves | 5 | 10 | 20 | 40 |
    | -: | -: | -: | -: | -: | -: |
    {round}
    The share of rounds that really work:

    | k | 3 leaves | 5 | 10 | 20 | 40 |
    | -: | -: | -: | -: | -: | -: |
    {share}
    A garden that never counted leaf by leaf is taken to have k = 1. Where its pest sits in k = 0.5, its intervals hold some 86 of 100 then;
    where it sits in k = 2 and more, they are wider than they need be.

    ## How often the verdict is right

    {gardens} gardens. *Better first*: 92 against 75 % down, eight rounds each in four cases, every other case with a plant left
    alone; *good, kept*: the better of them. *Useless, kept*: a spray that does nothing, on a pest that loses 85 % by itself from
    look to look, six cases, three of them compared; *never compared*: the same with nothing beside, counted a week after each round.
    (Where it falls as far within a day and nothing is compared, nobody can tell.) *Clean before burning*: two equal sprays, of which one burns after half of its
    rounds.

    | What | Of all gardens |
    | :--- | -------------: |
    {found}
    ## The rule

    In this order, the first that holds:

    1. Under {few} judged rounds: not enough.
    2. In the middle under {helped} % down, and under {drop} % once shrunk: drop.
    3. Worked (down by {worked} % and more) in fewer than {keep} of its rounds, or under {shrunk} % once shrunk: tune.
    4. Pruned, wiped or hosed each time, with no comparison: tune.
    5. Fewer than {keep} of its rounds took {clear} % and more of what would be left by itself at the least, or plants left alone fell oftener than the spray was
       compared: not enough.
    6. Leaves burnt after {burnt} of its rounds and more: tune.
    7. Otherwise keep.

    Shrunk: what is known of a family (what kills or holds back, as sure as `core/data/troubles` says) counts as {known} cases and is
    moved by the cases of its other sprays; the family counts as {family} case for the spray. What was never tried is ranked by its
    family alone, so it stands above what failed. All of these lines are our own.

    MD, [
    '{rows}' => $rows, '{round}' => $clumped['round'], '{share}' => $clumped['share'], '{clumpedgardens}' => number_format(4 * $gardens), '{scatter}' => sprintf('%.1f', 100.0 * sqrt(0.95 * 0.05 / (4 * $gardens))), '{found}' => $found, '{gardens}' => (string) $gardens,
    '{between}' => $line(EvidenceLines::BETWEEN_CASES['value']), '{few}' => (string) EvidenceLines::FEW_ROUNDS['value'],
    '{helped}' => $line(EvidenceLines::HELPED_FROM['value']), '{drop}' => $line(EvidenceLines::DROP_SHRUNK['value']), '{worked}' => $line(EvidenceLines::WORKED_FROM['value']),
    '{keep}' => 'two of three', '{clear}' => $line(EvidenceLines::CLEAR_FROM['value']), '{shrunk}' => $line(EvidenceLines::KEEP_SHRUNK['value']), '{burnt}' => 'a quarter',
    '{known}' => $line(EvidenceLines::KNOWN_CASES['value']), '{family}' => $line(EvidenceLines::FAMILY_CASES['value']),
]));
