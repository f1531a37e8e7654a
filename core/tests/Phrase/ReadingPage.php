<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Phrase;

use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Wording\PhraseWords;

/** What the product says of each line of the table that it does not take, as a page of docs. */
final class ReadingPage
{
    public static function text(): string
    {
        $words = PhraseWords::shipped();
        $counted = ['read' => 0, 'asked' => 0, 'refused' => 0, 'left out' => 0];
        $lists = ['asked' => [], 'refused' => []];
        foreach (Said::phrases() as [$kitchen, $line]) {
            $heard = PhraseReader::shipped($kitchen)->read($line);
            $became = match (true) {
                $heard->question !== null => 'asked',
                $heard->refusal !== null => 'refused',
                $heard->leftOut !== null => 'left out',
                default => 'read',
            };
            ++$counted[$became];
            if ($heard->question !== null) {
                $lists['asked'][] = "- `{$line}`: {$words->question($heard->question)} " . implode(', ', array_map(static fn(array $one): string => "“{$one['words']}”", $heard->question->answers)) . '.';
            } elseif ($heard->refusal !== null) {
                $lists['refused'][] = "- `{$line}`: {$words->refusal($heard->refusal)}";
            }
        }
        $total = array_sum($counted);
        $all = implode(', ', array_map(static fn(string $what, int $many): string => "{$many} {$what}", array_keys($counted), $counted));

        return implode("\n", [
            '# How lines are read',
            '',
            'Written by `php docs/write-reading.php` from the tables in `core/tests/Phrase/said`: lines as people write them in four kitchens, and',
            'whole recipes, each with what it must give, written down before the reader was. Every line of both is read, asked about, refused or',
            'left out as the table has it; none is misread. What the words mean is common practice, no source.',
            '',
            "{$total} lines: {$all}. " . count(Said::recipes()) . ' whole recipes.',
            '',
            '## Asked about',
            '',
            ...$lists['asked'],
            '',
            '## Refused, and why',
            '',
            ...$lists['refused'],
            '',
        ]);
    }
}
