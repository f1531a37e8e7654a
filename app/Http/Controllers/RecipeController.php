<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\Instant;
use App\Http\Answer\RecipeAnswer;
use App\Http\Answer\RecipeAnswers;
use App\Http\Answer\RecipeVersionAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Recipe;
use App\Models\RecipeVersion;
use App\Records\RecipeShelf;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class RecipeController
{
    public function __construct(private RecipeCatalogue $shipped, private RecipeShelf $shelf, private RecipeAnswers $answer) {}

    #[Call('All recipes, shipped and own', answer: ['recipes' => [RecipeAnswer::class]])]
    public function index(): JsonResponse
    {
        $all = array_map(fn(string $slug): RecipeAnswer => $this->answer->of($this->shipped->get($slug), null), $this->shipped->slugs());
        foreach (Recipe::query()->whereNotIn('slug', $this->shipped->slugs())->orderBy('slug')->get() as $own) {
            $version = $this->shelf->newest($own->slug);
            if ($version !== null) {
                $all[] = $this->answer->of($this->shelf->read($version), $version->number);
            }
        }

        return new JsonResponse(['recipes' => $all]);
    }

    #[Call('One recipe, newest version', answer: RecipeAnswer::class)]
    public function show(string $slug): JsonResponse
    {
        if ($this->shipped->has($slug)) {
            return new JsonResponse($this->answer->of($this->shipped->get($slug), null));
        }
        $version = $this->shelf->newest($slug) ?? throw RefusedCall::notFound('recipe', $slug);

        return new JsonResponse($this->answer->of($this->shelf->read($version), $version->number));
    }

    /** Every version that was kept, newest first: none for a shipped recipe that was never mixed otherwise. */
    #[Call('Every version that was kept, newest first', answer: ['versions' => [['madeAt' => 'string', 'recipe' => RecipeAnswer::class]]])]
    public function versions(string $slug): JsonResponse
    {
        $versions = $this->shelf->all($slug);
        if ($versions === [] && ! $this->shipped->has($slug)) {
            throw RefusedCall::notFound('recipe', $slug);
        }

        return new JsonResponse(['versions' => array_map(fn(RecipeVersion $version): RecipeVersionAnswer => new RecipeVersionAnswer(
            Instant::of($version->created_at),
            $this->answer->of($this->shelf->read($version), $version->number),
        ), $versions)]);
    }

    #[Call('Keep a recipe document; another version when it differs from the last', answer: RecipeAnswer::class, body: '#RecipeDocument', query: ['basedOn' => ['type' => 'integer', 'minimum' => 0]], makes: true)]
    public function store(Request $request, RecipeReader $reader, Formulator $formulator): JsonResponse
    {
        $recipe = $reader->read(Body::of($request));
        if ($this->shipped->has($recipe->slug)) {
            // A shipped one that comes back from a file unchanged is no fault.
            if (RecipeWriter::write($recipe) === RecipeWriter::write($this->shipped->get($recipe->slug))) {
                return new JsonResponse($this->answer->of($recipe, null));
            }
            throw InvalidDocument::because('/slug', Say::it('calls/recipe-controller.slug-of-shipped-recipe-which'), $recipe->slug);
        }
        $formulator->onBasis($recipe);
        $version = $this->shelf->write($recipe, self::basedOn($request));

        return new JsonResponse($this->answer->of($recipe, $version->number), Saved::status($version->wasRecentlyCreated));
    }

    /** The version that was on the screen; 0 where it is a recipe of its own. */
    private static function basedOn(Request $request): int
    {
        $said = $request->query('basedOn', '0');
        if (! is_string($said) || preg_match('/\A\d{1,9}\z/', $said) !== 1) {
            throw InvalidDocument::because('?basedOn', Say::it('calls/recipe-controller.expected-number-of-version-found'), is_string($said) ? $said : null);
        }

        return (int) $said;
    }
}
