<?php

declare(strict_types=1);

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Tests\Support\Gardens\Measured;

/*
 * Simulates gardens where the truth is known, and writes docs/evidence.md. Usage: php docs/measure-evidence.php [gardens]
 */

require __DIR__ . '/../vendor/autoload.php';

$gardens = max(50, (int) ($argv[1] ?? 500));
$rows = '';
foreach ([1, 2, 3, 4, 5, 6, 7, 8] as $cases) {
    $covered = Measured::coverage($cases, 2 * $gardens);
    $rows .= sprintf("| %d | %.1f %% | %.1f %% |\n", $cases, $covered['effect'], $covered['share']);
}
$found = '';
foreach (Measured::gardens($gardens) as $what => $percent) {
    $found .= sprintf("| %s | %.1f %% |\n", $what, $percent);
}
$line = static fn(float $value): string => rtrim(rtrim(sprintf('%.2f', $value), '0'), '.');
file_put_contents(__DIR__ . '/evidence.md', strtr(<<<'MD'
    # What the evidence is worth

    Written by `php docs/measure-evidence.php`: gardens are simulated where the truth is known, and counted as a gardener counts,
    ten leaves with clumps on them (negative binomial). The gardens are in `core/tests/Support/Gardens`; `./check` runs them with
    fewer draws.

    ## How often an interval holds the truth

    Nominal 95 %. Two to twelve rounds in so many cases; four sprays between 60 and 92 % down, cases that differ by a deviation of
    0.3 to 0.7 on the logarithm of what is left, rounds within a case by 0.3. The effect is the middle percent down (a mean of
    cases on the logarithm, Student 1908); the share is that of rounds that work (score interval of Wilson 1927, rounds of a case
    taken together after Kish 1965 with a correlation of {alike}, our own figure). With one case alone, how much cases differ is
    taken to be {between} (our own figure), so that interval is wide.

    | Cases | The effect | The share |
    | ----: | ---------: | --------: |
    {rows}
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
    '{rows}' => $rows, '{found}' => $found, '{gardens}' => (string) $gardens,
    '{alike}' => $line(EvidenceLines::ALIKE_IN_CASE['value']), '{between}' => $line(EvidenceLines::BETWEEN_CASES['value']), '{few}' => (string) EvidenceLines::FEW_ROUNDS['value'],
    '{helped}' => $line(EvidenceLines::HELPED_FROM['value']), '{drop}' => $line(EvidenceLines::DROP_SHRUNK['value']), '{worked}' => $line(EvidenceLines::WORKED_FROM['value']),
    '{keep}' => 'two of three', '{clear}' => $line(EvidenceLines::CLEAR_FROM['value']), '{shrunk}' => $line(EvidenceLines::KEEP_SHRUNK['value']), '{burnt}' => 'a quarter',
    '{known}' => $line(EvidenceLines::KNOWN_CASES['value']), '{family}' => $line(EvidenceLines::FAMILY_CASES['value']),
]));
