<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Words\Say;

/**
 * What helps beside a spray and is got or bought: cards, traps, enemies that are set out, nets, air.
 *
 * @phpstan-type HelpRow array{against: list<string>, sites: list<string>, enemy: bool, source: string}
 */
final readonly class Helps
{
    /** @param array<string, HelpRow> $rows */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, HelpRow> $rows */
        $rows = require __DIR__ . '/../../data/beside.php';

        return new self($rows);
    }

    /**
     * @param bool $managed whether enemies that are there do the work: none are bought then
     *
     * @return list<Help>
     */
    public function against(string $trouble, Site $site, bool $managed): array
    {
        $all = [];
        foreach ($this->rows as $slug => $row) {
            if (in_array($trouble, $row['against'], true) && in_array($site->value, $row['sites'], true) && ! ($managed && $row['enemy'])) {
                $all[] = new Help($slug, Say::it("beside/{$slug}"), $row['source']);
            }
        }

        return $all;
    }
}
