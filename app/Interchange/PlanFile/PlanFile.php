<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use App\Words\Words;
use JsonException;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\MeshSource;
use Pensilis\PlanFile\NoMeshes;
use Pensilis\PlanFile\PlanReader;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\PlanFile\Pointer;
use Pensilis\Quantity\Number;
use RuntimeException;

/** The one way in and out for plan files: text, JSON Schema, sense. */
final class PlanFile
{
    private const DEEPEST = 64;

    private const MOST_ERRORS = 200;

    /** Megabytes without meshes: a megabyte of text takes up to forty of memory once it is taken apart. */
    private const MOST_TEXT = 6;

    /** Smaller than any figure of the trade in the units of the file: rates are above 1e-9 a second, prices above a millionth. */
    private const TINIEST = 1e-12;

    /** Control characters but those of white space, and what stands for no character. */
    private const UNWRITTEN = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]|[\x{FFFE}\x{FFFF}]/u';

    private static ?Validator $validator = null;

    private static ?object $schema = null;

    /**
     * The plan that a document makes which was put together here.
     *
     * @param array<string, mixed> $document
     *
     * @throws PlanRefused
     */
    public static function sound(array $document, MeshSource $meshes = new NoMeshes()): Plan
    {
        $document = self::tidy($document);
        self::mustFit(Helper::toJSON($document));
        self::mustBeFigures($document);

        return self::plan($document, $meshes);
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
        if (strlen($json) > config()->integer('pensilis.largest_file')) {
            throw self::refusal(Code::TooLarge, ['most' => Number::count(intdiv(config()->integer('pensilis.largest_file'), 1024 ** 2))]);
        }
        $json = $embedded->takeOut(str_starts_with($json, "\xEF\xBB\xBF") ? substr($json, 3) : $json);
        [$object, $document] = self::parse($json);
        self::mustFit($object);
        self::mustBeFigures($document);
        $named = [];
        foreach ($document as $key => $value) {
            $named[(string) $key] = $value;
        }

        return self::tidy($named);
    }

    /**
     * What was logged of a resin; its sense is for the reader.
     *
     * @return array<array-key, mixed>
     *
     * @throws PlanRefused
     */
    public static function log(string $json): array
    {
        return self::parse($json)[1];
    }

    /**
     * What happened to a piece, by the same schema as the record of a plan file; its sense is for the reader.
     *
     * @return array<array-key, mixed>
     *
     * @throws PlanRefused
     */
    public static function events(string $json): array
    {
        [$object, $document] = self::parse($json);
        self::mustFit($object, 'log');
        self::mustBeFigures($document);

        return $document;
    }

    /**
     * @return array{object, array<array-key, mixed>} the same as objects and as arrays
     *
     * @throws PlanRefused
     */
    private static function parse(string $json): array
    {
        if (strlen($json) > 1e6 * self::MOST_TEXT) {
            throw self::refusal(Code::TooLargeText, ['most' => Number::count(self::MOST_TEXT)]);
        }
        try {
            $object = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
            $document = json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $failure) {
            throw self::unreadable($json, $failure);
        }
        if (!is_array($document) || !is_object($object)) {
            throw self::refusal(Code::NotAnObject);
        }

        return [$object, $document];
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

    /** @param string $part definition of the schema that it must fit; the whole of it where none is said */
    private static function mustFit(mixed $object, string $part = ''): void
    {
        $schema = $part === '' ? self::schema() : (object) ['$defs' => self::schema()->{'$defs'} ?? null, '$ref' => "#/\$defs/{$part}"];
        $error = self::validator()->validate($object, $schema)->error();
        $unique = [];
        foreach ($error === null ? [] : SchemaProblems::of($error) as $problem) {
            $unique[$problem->pointer . Words::metric()->finding($problem)] = $problem;
        }
        if ($unique !== []) {
            throw new PlanRefused(array_values($unique));
        }
    }

    /**
     * What is not nought and yet all but nothing, or no number at all, would be divided by somewhere; what no keyboard makes cannot be
     * drawn.
     *
     * @param array<array-key, mixed> $document
     *
     * @throws PlanRefused
     */
    private static function mustBeFigures(array $document): void
    {
        $wrong = [];
        self::findOdd($document, '', $wrong);
        if ($wrong !== []) {
            throw new PlanRefused($wrong);
        }
    }

    /**
     * @param array<array-key, mixed> $here
     * @param list<Finding>           $found
     */
    private static function findOdd(array $here, string $pointer, array &$found): void
    {
        foreach ($here as $key => $value) {
            if (is_array($value)) {
                self::findOdd($value, $pointer . Pointer::step((string) $key), $found);
            } elseif (is_float($value) && ($value !== 0.0 && abs($value) < self::TINIEST || !is_finite($value))) {
                $at = $pointer . Pointer::step((string) $key);
                $found[] = Finding::of(Code::RangeTiny, $at, ['limit' => Number::of(self::TINIEST, 12)]);
            } elseif (is_string($value) && preg_match(self::UNWRITTEN, $value) === 1) {
                $found[] = Finding::of(Code::Characters, $pointer . Pointer::step((string) $key));
            }
        }
    }

    /** Made once a process, with all that it has parsed. */
    private static function validator(): Validator
    {
        return self::$validator ??= (new Validator())->setMaxErrors(self::MOST_ERRORS)->setStopAtFirstError(false);
    }

    private static function schema(): object
    {
        if (self::$schema === null) {
            $text = file_get_contents(base_path('core/PlanFile/plan.schema.json'));
            $schema = $text === false ? null : json_decode($text);
            self::$schema = is_object($schema)
                ? $schema
                : throw new RuntimeException('The plan file schema is missing from core/PlanFile.');
        }

        return self::$schema;
    }

    private static function unreadable(string $json, JsonException $failure): PlanRefused
    {
        if ($failure->getCode() === JSON_ERROR_DEPTH) {
            return self::refusal(Code::Nesting, ['most' => Number::count(self::DEEPEST)]);
        }
        if (trim($json) === '') {
            return self::refusal(Code::Empty);
        }
        [$line, $column] = JsonPlace::ofError($json);

        return self::refusal(Code::Json, ['line' => Number::count($line), 'column' => Number::count($column)]);
    }

    /** @param array<string, Number> $quantities */
    private static function refusal(Code $code, array $quantities = []): PlanRefused
    {
        return new PlanRefused([Finding::of($code, '', $quantities)]);
    }

    /**
     * PHP cannot tell an empty object from an empty list: optional places that say nothing are left out.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function tidy(array $document): array
    {
        foreach (['layering', 'studio', 'purpose', 'sealing', 'bubbles', 'recoat', 'tape'] as $key) {
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
