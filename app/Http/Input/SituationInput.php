<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Records\SaidOfCase;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\EnemiesReader;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Words\Say;

/** Reads what somebody says of plant and place before a spray is chosen. */
final class SituationInput
{
    /** mg/L as CaCO3: harder water comes from no tap. */
    private const HARDEST = 2000.0;

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, Trouble $trouble, Enemies $enemies): SaidOfCase
    {
        $object = $node->object(['stage', 'severity', 'indoors', 'cats', 'hardnessMgL', 'bearsNoOil', 'inBloom', 'dryAtRoot', 'seedling', 'wounded', 'eatenSoon', 'soapSensitive', 'sulfurLately', 'copperLately', 'oilLately', 'seen']);
        $hardness = $object->optional('hardnessMgL');

        return new SaidOfCase(
            $object->get('stage')->word($trouble->stages, Say::it('input/situation-input.stage-of', ['name' => $trouble->name])),
            Severity::from($object->get('severity')->word(array_column(Severity::cases(), 'value'), 'severity')),
            self::flag($object, 'indoors'),
            self::flag($object, 'cats'),
            $hardness === null || $hardness->isNull() ? null : $hardness->countUpTo(self::HARDEST),
            self::flag($object, 'bearsNoOil'),
            self::flag($object, 'inBloom'),
            self::flag($object, 'dryAtRoot'),
            self::flag($object, 'seedling'),
            self::flag($object, 'wounded'),
            self::flag($object, 'eatenSoon'),
            self::flag($object, 'soapSensitive'),
            self::flag($object, 'sulfurLately'),
            self::flag($object, 'copperLately'),
            self::flag($object, 'oilLately'),
            EnemiesReader::read($object->filled('seen'), $enemies),
        );
    }

    private static function flag(Node $object, string $key): bool
    {
        return $object->optional($key)?->flag() ?? false;
    }
}
