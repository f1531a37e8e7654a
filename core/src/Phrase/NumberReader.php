<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;

/** Reads a number from the words of a line: 2, 2,5, 1 1/2, half a, one and a half, three quarters of a, two hundred and fifty, half a dozen. */
final class NumberReader
{
    /** Nobody measures out more of anything: our own bound. */
    private const LARGEST = InputLines::LARGEST_NUMBER['value'];

    private const WORDS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10,
        'eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16, 'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19, 'twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50,
        'sixty' => 60, 'seventy' => 70, 'eighty' => 80, 'ninety' => 90, ...self::MANY,
    ];

    /** What is counted by ones and tens: two hundred, three dozen. */
    private const MANY = ['hundred' => 100, 'dozen' => 12];

    private const TENS = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

    /** How many people mean who do not count: our own. */
    private const LOOSE = ['couple' => [2.0, 3.0], 'few' => [3.0, 5.0], 'several' => [4.0, 7.0]];

    private const SHARES = [
        'half' => 2, 'halves' => 2, 'third' => 3, 'thirds' => 3, 'quarter' => 4, 'quarters' => 4, 'eighth' => 8, 'eighths' => 8,
    ];

    /** @param list<RawWord> $words */
    public function __construct(private readonly array $words, private readonly string $plain, private readonly ?Kitchen $kitchen) {}

    /** @return list<string> */
    public static function words(): array
    {
        return array_keys(self::WORDS);
    }

    /** @return list<string> */
    public static function tens(): array
    {
        return self::TENS;
    }

    /** @return list<string> */
    public static function many(): array
    {
        return array_keys(self::MANY);
    }

    /**
     * “a couple of”, “a few”: from so many to so many, and the word after them.
     *
     * @return array{float, float, int}|null
     */
    public function loose(int $i): ?array
    {
        $at = in_array($this->text($i), ['a', 'an', 'the'], true) ? $i + 1 : $i;
        $range = self::LOOSE[$this->text($at)] ?? null;

        return $range === null ? null : [$range[0], $range[1], $at + 1];
    }

    /**
     * The number that starts at this word, and the word after it; null when none starts here.
     *
     * @return array{float, int}|null
     *
     * @throws Unclear when it is a number of two readings, or none at all
     */
    public function at(int $i): ?array
    {
        $found = $this->unchecked($i);
        if ($found === null) {
            return null;
        }
        if ($found[0] <= 0.0) {
            throw Unclear::becauseOf(new Refusal(LineFinding::Zero));
        }
        if ($found[0] > self::LARGEST) {
            throw Unclear::becauseOf(new Refusal(LineFinding::TooLarge, ['limit' => '1,000,000']));
        }

        return $found;
    }

    /** @return array{float, int}|null */
    private function unchecked(int $i): ?array
    {
        $share = $this->share($i);
        if ($share !== null) {
            return $this->ofMany($share);
        }
        $whole = $this->whole($i);
        if ($whole === null) {
            return null;
        }
        [$value, $next] = $whole;
        $after = $this->share($next) ?? $this->andShare($next);
        if ($after === null) {
            return $whole;
        }
        if (floor($value) !== $value || $after[0] >= 1.0) {
            throw Unclear::becauseOf(new Refusal(LineFinding::NumberUnreadable, ['number' => $this->between($i, $after[1])]));
        }

        return [$value + $after[0], $after[1]];
    }

    /** @return array{float, int}|null “1/2”, “half a”, “three quarters” */
    private function share(int $i): ?array
    {
        $word = $this->text($i);
        if ($this->isDigits($i) && $this->text($i + 1) === '/' && $this->isDigits($i + 2)) {
            if ($this->text($i + 3) === '/') {
                throw Unclear::becauseOf(new Refusal(LineFinding::NumberUnreadable, ['number' => $this->between($i, $i + 4)]));
            }
            $below = (float) $this->text($i + 2);
            if ($below <= 0.0) {
                throw Unclear::becauseOf(new Refusal(LineFinding::NumberUnreadable, ['number' => $this->between($i, $i + 3)]));
            }

            $this->askOfJoined($i, $word, $this->text($i + 2));

            return [(float) $word / $below, $i + 3];
        }
        if (isset(self::SHARES[$word]) && ! str_ends_with($word, 's')) {
            return [1.0 / self::SHARES[$word], $i + 1];
        }
        $start = in_array($word, ['a', 'an'], true) ? 1 : (self::WORDS[$word] ?? null);
        $below = self::SHARES[$this->text($i + 1)] ?? null;

        return $start !== null && $below !== null ? [$start / $below, $i + 2] : null;
    }

    /**
     * @param array{float, int} $share
     *
     * @return array{float, int} “half a dozen”, “a quarter of a hundred”
     */
    private function ofMany(array $share): array
    {
        [$value, $next] = $share;
        $next += $this->text($next) === 'of' && $this->text($next + 1) === 'a' ? 1 : 0;
        $next += $this->text($next) === 'a' ? 1 : 0;
        $many = self::MANY[$this->text($next)] ?? null;

        return $many === null ? $share : [$value * $many, $next + 1];
    }

    /** @return array{float, int}|null “and a half” */
    private function andShare(int $i): ?array
    {
        return in_array($this->text($i), ['and', '&'], true) ? $this->share($i + 1) : null;
    }

    /** @return array{float, int}|null */
    private function whole(int $i): ?array
    {
        $word = $this->text($i);
        if (isset(self::WORDS[$word])) {
            return $this->spelt($i);
        }
        if (! isset($this->words[$i]) || ! $this->words[$i]->isNumber()) {
            return null;
        }
        if ($this->mayBeThousands($word)) {
            $readings = [str_replace(',', '.', rtrim(rtrim($word, '0'), '.,')), str_replace([',', '.'], '', $word)];
            throw Unclear::becauseOf(new Question(LineFinding::Thousand, $word, array_map(fn(string $one): array => ['words' => $one, 'line' => $this->replaced($i, $one)], $readings)));
        }
        if (preg_match('/\A(?:\d+|\d*[.,]\d+)\z/', $word) !== 1 || preg_match('/\A[1-9]\d{0,2},\d{3}\z/', $word) === 1) {
            throw Unclear::becauseOf(new Refusal(LineFinding::NumberUnreadable, ['number' => $word]));
        }

        return [(float) str_replace(',', '.', $word), $i + 1];
    }

    /** @return array{float, int} “twenty-five”, “two hundred and fifty” */
    private function spelt(int $i): array
    {
        [$value, $next] = $this->belowHundred($i) ?? [1, $i];
        $many = self::MANY[$this->text($next)] ?? null;
        if ($many === null) {
            return [(float) $value, $next];
        }
        $rest = $many === self::MANY['hundred'] && $this->text($next + 1) === 'and' ? $this->belowHundred($next + 2) : null;

        return [(float) ($value * $many + ($rest[0] ?? 0)), $rest[1] ?? $next + 1];
    }

    /** @return array{int, int}|null */
    private function belowHundred(int $i): ?array
    {
        $word = $this->text($i);
        $value = isset(self::MANY[$word]) ? null : self::WORDS[$word] ?? null;
        $ones = in_array($word, self::TENS, true) ? self::WORDS[$this->text($i + 1)] ?? 0 : 0;

        return match (true) {
            $value === null => null,
            $ones > 0 && $ones < 10 => [$value + $ones, $i + 2],
            default => [$value, $i + 1],
        };
    }

    /**
     * “1.500” is one and a half here and fifteen hundred there. Where a point is always a decimal point, three decimals are three
     * decimals, unless the last is a nought: that nobody writes who does not mean thousands.
     */
    private function mayBeThousands(string $word): bool
    {
        $point = in_array($this->kitchen, [Kitchen::Us, Kitchen::British, Kitchen::Australian], true) ? '[1-9]\d{0,2}[.,]\d\d0|[1-9]\d{0,2},\d{3}' : '[1-9]\d{0,2}[.,]\d{3}';

        return preg_match("/\\A(?:{$point})\\z/", $word) === 1;
    }

    /** “11/2” is eleven halves, or one and a half written together. */
    private function askOfJoined(int $i, string $above, string $below): void
    {
        $whole = substr($above, 0, -1);
        $rest = substr($above, -1);
        if ($whole === '' || (int) $whole === 0 || (int) $rest === 0 || (int) $rest >= (int) $below) {
            return;
        }
        $decimal = rtrim(rtrim(number_format((float) $above / (float) $below, 4, '.', ''), '0'), '.');
        throw Unclear::becauseOf(new Question(LineFinding::MixedOrFraction, "{$above}/{$below}", array_map(
            fn(string $one): array => ['words' => $one, 'line' => substr_replace($this->plain, $one, $this->words[$i]->offset, $this->words[$i + 2]->end() - $this->words[$i]->offset)],
            ["{$whole} {$rest}/{$below}", $decimal],
        )));
    }

    private function isDigits(int $i): bool
    {
        return preg_match('/\A\d+\z/', $this->text($i)) === 1;
    }

    private function text(int $i): string
    {
        return $this->words[$i]->text ?? '';
    }

    private function between(int $from, int $to): string
    {
        $last = $this->words[min($to, count($this->words)) - 1];

        return substr($this->plain, $this->words[$from]->offset, $last->end() - $this->words[$from]->offset);
    }

    private function replaced(int $i, string $by): string
    {
        return substr_replace($this->plain, $by, $this->words[$i]->offset, strlen($this->words[$i]->text));
    }
}
