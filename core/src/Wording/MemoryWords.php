<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Vessel\MemoryFinding;
use IdleMixer\Core\Vessel\SprayerMemory;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says what a sprayer remembers. */
final readonly class MemoryWords
{
    private const SOMETHING = 'something';

    /** @param array<string, string> $words */
    private function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('memories');

        return new self($words);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function said(SprayerMemory $memory, MemoryFinding $finding): string
    {
        return $this->of($memory, $finding->value);
    }

    /**
     * In a few words, for where there is little room.
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function briefly(SprayerMemory $memory, MemoryFinding $finding): string
    {
        return $this->of($memory, "{$finding->value}/brief");
    }

    private function of(SprayerMemory $memory, string $key): string
    {
        return strtr($this->words[$key] ?? throw MissingWords::becauseOf($key), ['{last}' => $memory->last === '' ? self::SOMETHING : $memory->last]);
    }
}
