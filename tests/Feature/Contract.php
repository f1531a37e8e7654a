<?php

declare(strict_types=1);

namespace Tests\Feature;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;

/** The OpenAPI document and the published schemas, to hold real answers against. */
final class Contract
{
    private const BASE = 'https://idle-mixer.invalid/';

    private static ?Validator $validator = null;

    /** @var array<string, mixed>|null */
    private static ?array $document = null;

    /** @return array<string, mixed> */
    public static function document(): array
    {
        if (self::$document === null) {
            $parsed = Yaml::parseFile(dirname(__DIR__, 2) . '/openapi.yaml');
            assert(is_array($parsed));
            /** @var array<string, mixed> $parsed */
            self::$document = $parsed;
        }

        return self::$document;
    }

    /** @return list<array{string, string}> method and path, as the document writes them */
    public static function operations(): array
    {
        $all = [];
        $paths = self::document()['paths'];
        assert(is_array($paths));
        foreach ($paths as $path => $methods) {
            assert(is_array($methods));
            foreach (array_keys($methods) as $method) {
                $all[] = [(string) $method, (string) $path];
            }
        }

        return $all;
    }

    /** Empty when the text is what the document promises for that call and status; what is wrong otherwise. */
    public static function faultOf(string $method, string $path, int $status, string $text): string
    {
        $template = self::template(strtolower($method), $path);
        if ($template === null) {
            return $status === 404 || $status === 405 ? '' : "{$method} {$path} is not in the document";
        }
        $shared = self::sharedResponse($template, strtolower($method), $status);
        $pointer = $shared !== null ? "#/components/responses/{$shared}/content/application~1json/schema" : '#/paths/' . str_replace(['~', '/', '{', '}'], ['~0', '~1', '%7B', '%7D'], $template) . '/' . strtolower($method) . "/responses/{$status}/content/application~1json/schema";

        return self::check(self::BASE . 'openapi.json' . $pointer, $text);
    }

    /** The name of an answer that many calls have in common. */
    private static function sharedResponse(string $path, string $method, int $status): ?string
    {
        $found = self::document();
        foreach (['paths', $path, $method, 'responses', $status, '$ref'] as $key) {
            if (! is_array($found) || ! array_key_exists($key, $found)) {
                return null;
            }
            $found = $found[$key];
        }

        return is_string($found) ? basename($found) : null;
    }

    /** @param string $schema recipe, plan-request, plan or batch */
    public static function schemaFault(string $schema, string $text): string
    {
        return self::check(self::BASE . "schemas/{$schema}.schema.json", $text);
    }

    private static function check(string $uri, string $text): string
    {
        $result = self::validator()->validate(json_decode($text, false, 128, \JSON_THROW_ON_ERROR), (object) ['$ref' => $uri]);
        $error = $result->error();

        return $error === null ? '' : json_encode((new ErrorFormatter())->format($error, true), \JSON_THROW_ON_ERROR);
    }

    private static function template(string $method, string $path): ?string
    {
        foreach (self::operations() as [$verb, $template]) {
            $pattern = '#\A' . preg_replace('/\\\\\{\w+\\\\\}/', '[^/]+', preg_quote($template, '#')) . '\z#';
            if ($verb === $method && preg_match($pattern, $path) === 1) {
                return $template;
            }
        }

        return null;
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            $root = dirname(__DIR__, 2);
            self::$validator = new Validator();
            $resolver = self::$validator->resolver();
            assert($resolver !== null);
            $whole = json_encode([...self::document(), '$id' => self::BASE . 'openapi.json', '$schema' => 'https://json-schema.org/draft/2020-12/schema'], \JSON_THROW_ON_ERROR);
            $resolver->registerRaw($whole, self::BASE . 'openapi.json');
            foreach (array_filter((array) glob("{$root}/schemas/*.schema.json"), is_string(...)) as $file) {
                $resolver->registerRaw((string) file_get_contents($file), self::BASE . 'schemas/' . basename($file));
            }
        }

        return self::$validator;
    }
}
