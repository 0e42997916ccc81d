<?php

declare(strict_types=1);

namespace App\Interchange;

use JsonException;
use Opis\JsonSchema\Validator;
use Pensilis\Exception\PlanRefused;
use Pensilis\Plan\MeshSource;
use Pensilis\Plan\NoMeshes;
use Pensilis\Plan\Notice;
use Pensilis\Plan\Plan;
use Pensilis\Plan\PlanReader;
use RuntimeException;

/** The one way in and out for plan files: text, JSON Schema, sense. */
final class PlanFile
{
    private const DEEPEST = 64;

    private const MOST_ERRORS = 200;

    /**
     * @return array<string, mixed> the document, which is known to make a plan
     *
     * @throws PlanRefused
     */
    public static function read(string $json, MeshSource $meshes = new NoMeshes(), EmbeddedMeshes $embedded = new EmbeddedMeshes()): array
    {
        $document = self::decode($json, $embedded);
        self::plan($document, $meshes);

        return $document;
    }

    /**
     * The document of a text that passes the schema; it may still make no sense.
     *
     * @return array<string, mixed>
     *
     * @throws PlanRefused
     */
    public static function decode(string $json, EmbeddedMeshes $embedded = new EmbeddedMeshes()): array
    {
        if (strlen($json) > config('pensilis.largest_file')) {
            throw self::refusal('too-large', 'The file is larger than 80 MB; a plan never is. Check that it is the right one.');
        }
        $json = $embedded->takeOut(str_starts_with($json, "\xEF\xBB\xBF") ? substr($json, 3) : $json);
        try {
            $object = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
            $document = json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $failure) {
            throw self::unreadable($json, $failure);
        }
        if (!is_array($document) || !is_object($object)) {
            throw self::refusal('not-an-object', 'A plan file is one JSON object; it begins with “{”.');
        }
        self::mustFit($object);
        $named = [];
        foreach ($document as $key => $value) {
            $named[(string) $key] = $value;
        }

        return self::withoutEmpty($named);
    }

    /**
     * @param array<string, mixed> $document
     *
     * @throws PlanRefused
     */
    public static function plan(array $document, MeshSource $meshes = new NoMeshes()): Plan
    {
        return PlanReader::read($document, $meshes);
    }

    /** @param array<string, mixed> $document */
    public static function write(array $document): string
    {
        return json_encode(
            $document,
            JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    private static function mustFit(object $object): void
    {
        $validator = new Validator();
        $validator->setMaxErrors(self::MOST_ERRORS)->setStopAtFirstError(false);
        $error = $validator->validate($object, self::schema())->error();
        $problems = $error === null ? [] : SchemaProblems::of($error);
        $unique = [];
        foreach ($problems as $problem) {
            $unique[$problem->pointer . $problem->message] = $problem;
        }
        if ($unique !== []) {
            throw new PlanRefused(array_values($unique));
        }
    }

    private static function schema(): object
    {
        $text = file_get_contents(base_path('core/Plan/plan.schema.json'));
        $schema = $text === false ? null : json_decode($text);

        return is_object($schema) ? $schema : throw new RuntimeException('The plan file schema is missing from core/Plan.');
    }

    private static function unreadable(string $json, JsonException $failure): PlanRefused
    {
        if ($failure->getCode() === JSON_ERROR_DEPTH) {
            return self::refusal('nesting', 'The file is nested deeper than 64 levels; a plan never is.');
        }
        if (trim($json) === '') {
            return self::refusal('empty', 'The file is empty.');
        }
        [$line, $column] = JsonPlace::ofError($json);

        return self::refusal('json', "This is not JSON: line {$line}, column {$column} cannot be read. Look for a missing comma, "
            . 'quote or bracket just before it.');
    }

    private static function refusal(string $code, string $message): PlanRefused
    {
        return new PlanRefused([new Notice($code, $message, '')]);
    }

    /**
     * PHP cannot tell an empty object from an empty list: optional places that say nothing are left out.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private static function withoutEmpty(array $document): array
    {
        foreach (['layering', 'studio', 'purpose', 'sealing'] as $key) {
            if (($document[$key] ?? null) === []) {
                unset($document[$key]);
            }
        }
        foreach (['resins' => 'thermal', 'inclusions' => 'spread'] as $list => $key) {
            if (is_array($document[$list] ?? null)) {
                $document[$list] = array_map(
                    fn(mixed $one): mixed => is_array($one) && ($one[$key] ?? null) === [] ? array_diff_key($one, [$key => null]) : $one,
                    $document[$list],
                );
            }
        }

        return $document;
    }
}
