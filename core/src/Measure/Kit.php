<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;

/** What a household measures with. */
final readonly class Kit
{
    /**
     * @param list<Measure> $measures 1 to 60
     * @param Amount|null   $scale     one step of a kitchen scale, a mass; null where there is none
     * @param bool          $dropsLast whether drops are counted only where nothing else comes near
     */
    public function __construct(public array $measures, public ?Amount $scale, private bool $dropsLast = false) {}

    /**
     * What is used when nobody said which measures there are: a US kitchen set with its cups, a quart jar, a dropper with marks at
     * each quarter of a mL, drops where nothing else comes near. Common practice, no source.
     */
    public static function kitchen(?Amount $scale = null): self
    {
        /** @var list<array{float, string, string}> $set */
        $set = require __DIR__ . '/../../data/usual-kit.php';

        return new self(array_map(static fn(array $row): Measure => $row[2] === '' ? Measure::holding(Amount::of($row[0], Unit::from($row[1]))) : Measure::dropper(Amount::of($row[0], Unit::from($row[1])), $row[2]), $set), $scale, true);
    }

    public function planner(): ScoopPlanner
    {
        return new ScoopPlanner($this->measures, $this->scale, $this->dropsLast);
    }
}
