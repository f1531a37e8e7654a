<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Weather\Exposure;
use IdleMixer\Core\Weather\GrowLights;
use IdleMixer\Core\Weather\WeatherReader;

/** A plant as somebody enters it. */
final readonly class PlantInput
{
    private const LONGEST_PLACE = 200;

    private function __construct(
        public Sent $sent,
        public string $name,
        public string $kind,
        public string $tolerance,
        public string $place,
        public string $notes,
        public bool $bearsNoOil,
        public bool $indoors,
        public string $size,
        public ?string $bloomFrom,
        public ?string $bloomUntil,
        public ?string $harvestOn,
        public bool $soapSensitive,
        public ?string $sulfurOn,
        public ?string $copperOn,
        public ?string $oilOn,
        public Exposure $exposure,
        public ?GrowLights $lights,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, ToleranceCatalogue $tolerance, bool $correcting = false): self
    {
        $sent = Sent::opened($node, ['name', 'kind', 'tolerance', 'place', 'notes', 'bearsNoOil', 'indoors', 'size', 'bloomFrom', 'bloomUntil', 'harvestOn', 'soapSensitive', 'sulfurOn', 'copperOn', 'oilOn', 'exposure', 'lights'], $correcting);
        $object = $sent->object;
        $from = self::day($object->optional('bloomFrom'));
        $until = self::day($object->optional('bloomUntil'));
        if ($from !== null && $until !== null && $until < $from) {
            throw $object->get('bloomUntil')->fault('The bloom cannot end before it begins; found {found}.');
        }

        return new self(
            $sent,
            trim($object->get('name')->text(RecipeReader::MAX_NAME, 1)),
            trim($object->optional('kind')?->text(self::LONGEST_PLACE) ?? ''),
            $object->get('tolerance')->word($tolerance->known(), 'plant tolerance class'),
            trim($object->optional('place')?->text(self::LONGEST_PLACE) ?? ''),
            $object->optional('notes')?->text(RecipeReader::MAX_NOTES) ?? '',
            $object->optional('bearsNoOil')?->flag() ?? false,
            $object->optional('indoors')?->flag() ?? false,
            trim($object->optional('size')?->text(self::LONGEST_PLACE) ?? ''),
            $from,
            $until,
            self::day($object->optional('harvestOn')),
            $object->optional('soapSensitive')?->flag() ?? false,
            self::day($object->optional('sulfurOn')),
            self::day($object->optional('copperOn')),
            self::day($object->optional('oilOn')),
            Exposure::from($object->filled('exposure')?->word(array_column(Exposure::cases(), 'value'), 'exposure') ?? Exposure::FullSun->value),
            $object->filled('lights') === null ? null : (new WeatherReader())->lights($object->get('lights')),
        );
    }

    /** @return array<string, mixed> as they are kept */
    public function columns(): array
    {
        return [
            'name' => $this->name,
            'kind' => $this->kind,
            'tolerance' => $this->tolerance,
            'place' => $this->place,
            'notes' => $this->notes,
            'bears_no_oil' => $this->bearsNoOil,
            'indoors' => $this->indoors,
            'size' => $this->size,
            'bloom_from' => $this->bloomFrom,
            'bloom_until' => $this->bloomUntil,
            'harvest_on' => $this->harvestOn,
            'soap_sensitive' => $this->soapSensitive,
            'sulfur_on' => $this->sulfurOn,
            'copper_on' => $this->copperOn,
            'oil_on' => $this->oilOn,
            'exposure' => $this->exposure->value,
            'lights_on' => $this->lights?->on,
            'lights_off' => $this->lights?->off,
        ];
    }

    private static function day(?Node $node): ?string
    {
        return $node === null || $node->isNull() ? null : $node->day();
    }
}
