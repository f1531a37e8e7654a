<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Records\GardenBook;
use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\WeatherReader;
use IdleMixer\Core\Words\Say;

/** Where the garden lies, as somebody enters it. */
final readonly class GardenInput
{
    private function __construct(public Sent $sent, private Place $place, private float $room, private string $source) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, WeatherReader $reader): self
    {
        $sent = Sent::toChange($node, ['place', 'roomCelsius', 'source']);
        $room = $sent->object->get('roomCelsius');
        $celsius = $room->number();
        if ($celsius < WeatherLines::COLDEST_ROOM['value'] || $celsius > WeatherLines::WARMEST_ROOM['value']) {
            throw $room->fault(Say::it('input/garden-input.expected-to-c-in-room', ['coldest-room' => WeatherLines::COLDEST_ROOM['value'], 'warmest-room' => WeatherLines::WARMEST_ROOM['value']]));
        }

        return new self($sent, $reader->place($sent->object->get('place')), $celsius, $sent->object->get('source')->word(GardenBook::SOURCES, Say::it('input/garden-input.source-of-weather')));
    }

    /** @return array<string, mixed> as they are kept */
    public function columns(): array
    {
        return ['latitude' => $this->place->latitude, 'longitude' => $this->place->longitude, 'zone' => $this->place->zone->getName(), 'room_celsius' => $this->room, 'source' => $this->source];
    }
}
