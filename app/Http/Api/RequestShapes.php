<?php

declare(strict_types=1);

namespace App\Http\Api;

use App\Declared\Record;
use App\Declared\Records;
use App\Declared\Values\Text;
use LogicException;

/** What is sent: as records are declared where a whole record is entered, and by hand where a call wants something particular. */
final class RequestShapes
{
    private const FOLDER = __DIR__ . '/shapes';

    /** @var array<string, mixed> by name */
    private readonly array $shapes;

    public function __construct(private readonly Records $records, private readonly AnswerSchemas $answers)
    {
        $shapes = [];
        foreach (array_filter((array) glob(self::FOLDER . '/*.php'), is_string(...)) as $file) {
            /** @var array<string, mixed> $some */
            $some = require $file;
            $twice = array_intersect_key($shapes, $some);
            $shapes = $twice === [] ? [...$shapes, ...$some] : throw new LogicException('Two files give a shape to ' . implode(', ', array_keys($twice)) . '.');
        }
        $this->shapes = $shapes;
    }

    /** @throws LogicException when neither a request nor an answer has that name */
    public function named(string $name): string
    {
        return isset($this->shapes[$name]) || isset($this->answers->all()[$name]) ? $name : throw new LogicException("No schema is called {$name}.");
    }

    /** @return array<string, array<string, mixed>> every schema by name */
    public function all(): array
    {
        return array_map($this->schema(...), $this->shapes);
    }

    /** @return array<string, mixed> */
    private function schema(mixed $shape): array
    {
        return match (true) {
            $shape instanceof Corrects => $this->correcting($this->schema($this->shapes[$shape->new] ?? [])),
            $shape instanceof Enters => $this->entered($this->records->get($shape->record)),
            is_array($shape), is_string($shape) => Shapes::schema($shape, $this->answers, $this->named(...)),
            default => throw new LogicException('What is sent has no shape.'),
        };
    }

    /** @return array<string, mixed> */
    private function entered(Record $record): array
    {
        $properties = ['submission' => Text::uuid()->schema()];
        $required = ['submission'];
        foreach ($record->entered() as $field) {
            $properties[$field->key()] = $field->schema();
            if ($field->isRequired()) {
                $required[] = $field->key();
            }
        }

        return ['type' => 'object', 'required' => $required, 'properties' => $properties, 'additionalProperties' => false];
    }

    /**
     * @param array<string, mixed> $new
     *
     * @return array<string, mixed> the same of a record that is there: based on its version instead of under a key of its own
     */
    private function correcting(array $new): array
    {
        $properties = is_array($new['properties'] ?? null) ? $new['properties'] : [];
        $required = array_filter(is_array($new['required'] ?? null) ? $new['required'] : [], is_string(...));
        unset($properties['submission']);

        return [...$new, 'required' => ['basedOn', ...array_values(array_diff($required, ['submission']))], 'properties' => ['basedOn' => ['type' => 'integer', 'minimum' => 0, 'description' => 'The version that was on the screen.'], ...$properties]];
    }
}
