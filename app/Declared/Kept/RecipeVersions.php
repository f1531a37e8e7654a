<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Text;
use App\Declared\Values\Whole;
use App\Declared\Within;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\RecipeReader;
use Psr\Clock\ClockInterface;

/** A recipe as it was once written or mixed. */
final class RecipeVersions extends Record
{
    public function __construct(ClockInterface $clock, private readonly RecipeReader $reader)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return 'recipe_versions';
    }

    public function identity(): array
    {
        return ['recipe_id', 'document'];
    }

    /** @throws InvalidDocument when it is no recipe */
    private function recipe(Node $node): void
    {
        $this->reader->read($node);
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            new Within('recipe_id', 'recipes'),
            Plain::needed('number', new Whole(1)),
            Plain::needed('name', Text::line(RecipeReader::MAX_NAME, 1)),
            Plain::needed('document', new Json($this->recipe(...), ['$ref' => 'recipe.schema.json'])),
            Plain::usually('written', new Whole(0), 0),
            $this->writer(),
            ...self::rowTimes(),
        ];
    }
}
