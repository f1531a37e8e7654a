<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

/** Writes a recipe as its open document. */
final class RecipeWriter
{
    /** @return array<string, mixed> the document, ready for JSON */
    public static function write(Recipe $recipe): array
    {
        $document = [
            'format' => Recipe::FORMAT,
            'version' => $recipe->method === null ? Recipe::VERSION : Recipe::WITH_METHOD,
            'slug' => $recipe->slug,
            'name' => $recipe->name,
            'use' => $recipe->use->value,
            'order' => $recipe->order->value,
        ];
        if ($recipe->basis !== null) {
            $document['basis'] = [...$recipe->basis->amount->toArray(), 'of' => $recipe->basis->of->value];
        }
        $document['lines'] = array_map(self::line(...), $recipe->lines);
        $document['notes'] = $recipe->notes;
        if ($recipe->method !== null) {
            $document['method'] = $recipe->method->raw();
        }

        return $document;
    }

    /** @return array<string, mixed> */
    private static function line(RecipeLine $line): array
    {
        $row = $line->stock !== null ? ['stock' => self::write($line->stock)] : ['ingredient' => $line->ingredient?->slug];
        $row += $line->amount->toArray();
        if ($line->upTo !== null) {
            $row['upTo'] = $line->upTo;
        }
        if ($line->strength !== null) {
            $row['strength'] = $line->strength;
        }

        return $row;
    }
}
