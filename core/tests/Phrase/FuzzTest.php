<?php

declare(strict_types=1);

use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Tests\Phrase\Said;
use IdleMixer\Core\Wording\PhraseWords;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * Lines from the grammar and from noise: whatever is written comes to one outcome, every amount is finite and above zero, and none
 * takes long. The seed stands here; ./check --long runs a million.
 */
it('reads anything that somebody may type in one way, and soon', function (): void {
    $seed = 16;
    $random = new Randomizer(new Mt19937($seed));
    /** @param list<string> $of */
    $pick = static function (array $of) use ($random): string {
        $one = $of[$random->getInt(0, count($of) - 1)] ?? '';

        return is_string($one) ? $one : '';
    };
    $phrases = array_values(array_map(static fn(array $row): string => $row[1], Said::phrases()));
    $noise = ['0', '1e308', '1e-308', '999999', '-', '–', '%', ':', '/', '//', '(', ')', '((', '½', '⅓', '٣', '²', "\x80", "\0", 'é', 'İ', '漢', '🙂', '.', ',', ';', '"', "'", '<b>', 'x', 'to', 'or', 'per', 'each', 'in', 'a', 'half', 'and', 'stock', 'parts', 'heaped', 'between', 'made up to', 'per per', 'equal parts', '1:1', '50/50', 'US', 'oz', 'T', 'egg', 'neeem', 'unicornhornpowder', str_repeat('a', 60), str_repeat('neem ', 12), '1/2/3', '1,000', '2.500', '11/2'];
    $number = ['1', '2', '1/2', '½', '2-4', '2 to 3', 'two', 'a', 'one and a half', '0.25', '2,5', 'a couple of', '1.500', 'twenty-five'];
    $unit = ['tbsp', 'tsp', 'ml', 'litre', 'cup', 'oz', 'drops', 'squirts', '%', 'parts', 'g', 'gallon', 'heaped tsp', 'fl oz', ''];
    $thing = ['neem', 'neem oil', 'soap', 'castile', 'water', 'baking soda', 'alcohol', '91 % alcohol', 'eggs', 'oil (neem)', 'kitchen stock', 'neam', 'bleach', 'veggie oil'];
    $tail = ['', ' per gallon', ' a litre', ' in 2 litres of water', ' (10 ml)', ', 1 tsp soap', ' and', ' each', ' to 1 gallon', ' made up to 1 litre', ' from 70 %', ' per', ' (per', ' or'];
    $readers = [PhraseReader::shipped(), ...array_map(static fn(Kitchen $kitchen): PhraseReader => PhraseReader::shipped($kitchen), Kitchen::cases())];
    $words = PhraseWords::shipped();
    $seen = ['things' => 0, 'question' => 0, 'refusal' => 0, 'left' => 0];
    $slowest = [0.0, ''];
    $rounds = getenv('MIXER_LONG') === '1' ? 1_000_000 : 15_000;
    for ($round = 0; $round < $rounds; ++$round) {
        $text = match ($round % 4) {
            0 => "{$pick($number)} {$pick($unit)} {$pick($thing)}{$pick($tail)}{$pick($tail)}",
            1 => substr_replace($pick($phrases), $pick($noise), $random->getInt(0, 20), $random->getInt(0, 3)),
            2 => implode($pick([' ', ' ', '']), array_map(static fn(): string => $pick($noise), range(1, $random->getInt(1, 9)))),
            default => "{$pick($phrases)}{$pick([', ', ' and ', ' ', '. ', "\n", ' or '])}{$pick($phrases)}",
        };
        $before = hrtime(true);
        try {
            $heard = $readers[$round % 5]->read($text);
        } catch (Throwable $fault) {
            throw new LogicException("Seed {$seed}, round {$round}: “{$text}”: {$fault->getMessage()}", 0, $fault);
        }
        $took = (hrtime(true) - $before) / 1e6;
        // What else runs on the machine is not counted: the best of a dozen.
        for ($again = 0; $again < 11 && $took > 10.0; ++$again) {
            $before = hrtime(true);
            $readers[$round % 5]->read($text);
            $took = min($took, (hrtime(true) - $before) / 1e6);
        }
        $slowest = $took > $slowest[0] ? [$took, $text] : $slowest;
        $outcomes = array_filter(['things' => $heard->lines !== [] || $heard->basis !== null, 'question' => $heard->question !== null, 'refusal' => $heard->refusal !== null, 'left' => $heard->leftOut !== null]);
        if (count($outcomes) !== 1) {
            throw new LogicException("Seed {$seed}, round {$round}: “{$text}” comes to " . count($outcomes) . ' outcomes.');
        }
        ++$seen[array_key_first($outcomes)];
        foreach ($heard->lines as $line) {
            $sane = is_finite($line->low) && $line->low > 0.0 && ($line->high === null || (is_finite($line->high) && $line->high > $line->low)) && ($line->per === null || $line->per->millilitres() > 0.0) && ($line->waterParts === null || $line->waterParts > 0.0);
            $sane || throw new LogicException("Seed {$seed}, round {$round}: “{$text}” gives {$line->low} to {$line->high}.");
        }
        $basis = $heard->basis;
        ($basis === null || ($basis->amount > 0.0 && is_finite($basis->amount))) || throw new LogicException("Seed {$seed}, round {$round}: “{$text}” gives water of {$basis->amount}.");
        $outcomes === ['things' => true] ? $words->whole($heard) : ($heard->refusal === null || $words->refusal($heard->refusal) !== '');
    }
    expect(min($seen))->toBeGreaterThan(100)->and($slowest[0])->toBeLessThan(20.0, $slowest[1]);
    if (getenv('MIXER_LONG') === '1') {
        fwrite(STDERR, sprintf("\n%d lines: %s; the slowest took %.1f ms.\n", $rounds, json_encode($seen), $slowest[0]));
    }
});
