<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** What has to pass before or after a spray, in words. */
final readonly class WaitWords
{
    /** @param array<string, array{text: string, unit: string}> $words */
    public function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, array{text: string, unit: string}> $words */
        $words = Say::words('waits');

        return new self($words);
    }

    /**
     * @param array{string, int, int} $wait key, from, to
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function of(array $wait): string
    {
        [$key, $from, $to] = $wait;
        $row = $this->words[$key] ?? throw MissingWords::becauseOf($key);
        $much = ($from === $to ? (string) $from : Say::it('wording/wait-words.to', ['from' => $from, 'to' => $to])) . ' ' . $row['unit'] . ($to === 1 ? '' : 's');

        return strtr($row['text'], ['{much}' => $much]);
    }
}
