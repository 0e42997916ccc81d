<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\Geometry\MeshSlicer;
use Pensilis\Geometry\Sliced;
use Pensilis\Geometry\StlReader;

/** Meshes that came inside a plan file: taken out of its text before it is read, so that it stays a small document. */
final class EmbeddedMeshes
{
    private const VALUE = '/"mesh_base64"\s*:\s*"((?:[A-Za-z0-9+\/=]|\\\\\/|\\\\[rn])*+)"/';

    private const PART = 1 << 16;

    /** @var array<string, string> hash → the file */
    private array $bytes = [];

    /** @var array<string, Sliced> */
    private array $sliced = [];

    /** The text with each mesh named by its hash; what is not base64 stays, and is refused by name when it is read. */
    public function takeOut(string $json): string
    {
        $named = preg_replace_callback(self::VALUE, function (array $found): string {
            $bytes = base64_decode(str_replace(['\\/', '\\r', '\\n'], ['/', '', ''], $found[1]), true);
            if ($bytes === false || $bytes === '') {
                return '"mesh_base64": ""';
            }
            $hash = hash('sha256', $bytes);
            $this->bytes[$hash] = $bytes;

            return "\"mesh\": \"{$hash}\"";
        }, $json);

        return $named ?? $json;
    }

    public function has(string $hash): bool
    {
        return isset($this->bytes[$hash]);
    }

    public function sliced(string $hash): Sliced
    {
        return $this->sliced[$hash] ??= MeshSlicer::slice(StlReader::read(str_split($this->bytes[$hash], self::PART)), 1e-3);
    }

    /** @return array<string, string> hash → the file */
    public function all(): array
    {
        return $this->bytes;
    }
}
