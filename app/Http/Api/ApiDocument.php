<?php

declare(strict_types=1);

namespace App\Http\Api;

use App\Declared\Records;
use App\Http\Middleware\InOneTransaction;
use App\Http\Middleware\NamedByKey;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use LogicException;
use ReflectionMethod;
use Symfony\Component\Yaml\Yaml;

/** The OpenAPI document of all calls, as it follows from routes, from the classes of answers and from how records are declared. */
final class ApiDocument
{
    private const DEEPEST = 30;

    private const INDENT = 2;

    private const SHARED = [
        404 => ['There is no such thing here.', 'Error'],
        415 => ['Not JSON.', 'Error'],
        422 => ['Something in what was sent is wrong.', 'Error'],
    ];

    public function __construct(private readonly Router $router, private readonly AnswerSchemas $answers, private readonly RequestShapes $requests) {}

    /**
     * @return array<string, mixed>
     *
     * @throws LogicException when a call does not say what it does, or names what nothing is known of
     */
    public function whole(): array
    {
        $paths = [];
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                $method = strtolower(self::words($route->methods())[0]);
                $paths["/{$route->uri()}"][$method] = $this->call($route);
            }
        }
        ksort($paths);
        $schemas = [...$this->answers->all(), ...$this->requests->all()];
        ksort($schemas);

        return [
            'openapi' => '3.1.0',
            'info' => ['title' => 'Idle Mixer', 'version' => '1.0.0', 'description' => self::ABOUT],
            'servers' => [['url' => '/']],
            'paths' => $paths,
            'components' => ['responses' => self::RESPONSES, 'schemas' => $schemas],
        ];
    }

    /** @throws LogicException as `whole` does */
    public function yaml(): string
    {
        return Yaml::dump($this->whole(), self::DEEPEST, self::INDENT, Yaml::DUMP_EMPTY_ARRAY_AS_SEQUENCE);
    }

    private const ABOUT = 'The notebook and the arithmetic behind the screens. Every record is made with a `submission`, a UUID that the sender makes up once: sending the same again makes no second record, and something else under the same UUID is a conflict (409). A change carries `basedOn`, the version that was on the screen: when the record is another by then, nothing is overwritten and both versions are told (409). Addresses that write name a record by the `key` that answers give, the UUID under which it was sent. Every answer carries `Notebook-Mark`, which changes when a copy is put in the notebook\'s place; a call that writes and sends another mark than the present one does nothing (409). Written by `php artisan mixer:describe`.';

    private const RESPONSES = [
        'NotNow' => ['description' => 'The notebook cannot be read or written now; the message says why. Nothing was saved.', 'content' => ['application/json' => ['schema' => ['$ref' => '#/components/schemas/Error']]]],
        'DiskFull' => ['description' => 'The disk is full. Nothing was saved.', 'content' => ['application/json' => ['schema' => ['$ref' => '#/components/schemas/Error']]]],
        'InTheWay' => ['description' => 'It stands in the way of what is saved already. Nothing was overwritten.', 'content' => ['application/json' => ['schema' => ['anyOf' => [['$ref' => '#/components/schemas/Error'], ['$ref' => '#/components/schemas/Conflict']]]]]],
    ];

    /** @return array<string, mixed> */
    private function call(Route $route): array
    {
        $call = self::said($route);
        $parameters = [...array_map(fn(string $name): array => ['name' => $name, 'in' => 'path', 'required' => true, 'schema' => $this->placed($route, $name)], self::words($route->parameterNames())), ...array_map(static fn(string $name, array $schema): array => ['name' => $name, 'in' => 'query', 'required' => false, 'schema' => $schema], array_keys($call->query), $call->query)];

        return [
            'summary' => $call->does,
            ...$parameters === [] ? [] : ['parameters' => $parameters],
            ...$call->body === null ? [] : ['requestBody' => ['required' => true, 'content' => [$call->takes => ['schema' => $call->takes === 'application/json' ? $this->shape($call->body) : ['type' => 'string']]]]],
            'responses' => $this->responses($call, $route),
        ];
    }

    /** @throws LogicException when it does not say */
    private static function said(Route $route): Call
    {
        $action = $route->getActionName();
        [$class, $method] = str_contains($action, '@') ? explode('@', $action) : [$action, '__invoke'];
        $said = (new ReflectionMethod($class, $method))->getAttributes(Call::class)[0] ?? throw new LogicException("{$class}::{$method} does not say what it does: it needs a Call.");

        return $said->newInstance();
    }

    /** @return array<int|string, mixed> by status */
    private function responses(Call $call, Route $route): array
    {
        $good = ['description' => 'Done, or done before.', 'content' => [$call->type => $call->type === 'application/json' ? ['schema' => $this->shape($call->answer)] : ['schema' => ['type' => 'string']]]];
        $writes = in_array(InOneTransaction::class, $route->gatherMiddleware(), true);
        $statuses = [...$call->also, ...$route->parameterNames() === [] ? [] : [404], ...$call->body === null ? [] : [415, 422], ...$call->query === [] ? [] : [422]];
        $all = $call->makes ? [200 => $good, 201 => [...$good, 'description' => 'Made.']] : [200 => $good];
        foreach (array_unique($statuses) as $status) {
            [$description, $schema] = self::SHARED[$status] ?? throw new LogicException("Status {$status} is none of those that calls have in common.");
            $all[$status] = ['description' => $description, 'content' => ['application/json' => ['schema' => ['$ref' => "#/components/schemas/{$schema}"]]]];
        }
        if ($writes) {
            $all[409] = ['$ref' => '#/components/responses/InTheWay'];
            $all[507] = ['$ref' => '#/components/responses/DiskFull'];
        }
        $all[503] = ['$ref' => '#/components/responses/NotNow'];
        ksort($all);

        return $all;
    }

    /**
     * @param array<mixed> $words
     *
     * @return list<string>
     */
    private static function words(array $words): array
    {
        return array_values(array_filter($words, is_string(...)));
    }

    /** @return array<string, mixed> what stands in the place of a name in an address */
    private function placed(Route $route, string $name): array
    {
        $pattern = self::words([$route->wheres[$name] ?? $this->router->getPatterns()[$name] ?? ''])[0];

        return match (true) {
            $pattern === NamedByKey::PATTERN => ['type' => 'string', 'format' => 'uuid'],
            str_starts_with($pattern, '[0-9]') => ['type' => 'integer'],
            preg_match('/^[a-z]+(\|[a-z]+)+$/', $pattern) === 1 => ['enum' => explode('|', $pattern)],
            default => ['type' => 'string'],
        };
    }

    /**
     * @param string|array<array-key, mixed> $shape
     *
     * @return array<string, mixed> JSON Schema
     */
    private function shape(string|array $shape): array
    {
        return Shapes::schema($shape, $this->answers, $this->requests->named(...));
    }
}
