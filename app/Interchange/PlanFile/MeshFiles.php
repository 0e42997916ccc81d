<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Generator;
use Pensilis\Exception\UnusableMesh;
use Pensilis\Geometry\MeshSlicer;
use Pensilis\Geometry\Sliced;
use Pensilis\Geometry\StlReader;
use Pensilis\PlanFile\MeshSource;
use Pensilis\PlanFile\Node;

/** Meshes for the command line: inside the plan file, or beside it and never above its folder. */
final class MeshFiles implements MeshSource
{
    private const PART = 1 << 16;

    /** @var array<string, Sliced> by path */
    private array $read = [];

    /** @param string|null $folder of the plan file; null where it came from standard input */
    public function __construct(private readonly ?string $folder, private readonly EmbeddedMeshes $embedded) {}

    public function sliced(Node $node): Sliced
    {
        if ($node->has('mesh_base64')) {
            throw UnusableMesh::nowhere('in-base64');
        }
        if ($node->has('mesh')) {
            $hash = $node->text('mesh');

            return $this->embedded->has($hash) ? $this->embedded->sliced($hash)
                : throw UnusableMesh::nowhere('named-only');
        }

        return $node->has('path') ? $this->ofFile($node->text('path'))
            : throw UnusableMesh::nowhere('named');
    }

    /** @return Generator<string> a file, part by part */
    public static function parts(string $path): Generator
    {
        $file = fopen($path, 'rb');
        while ($file !== false && !feof($file)) {
            $part = fread($file, self::PART);
            if ($part === false || $part === '') {
                break;
            }
            yield $part;
        }
        if ($file !== false) {
            fclose($file);
        }
    }

    private function ofFile(string $path): Sliced
    {
        if ($this->folder === null) {
            throw UnusableMesh::nowhere('from-input');
        }
        $real = str_contains($path, "\0") ? false : realpath("{$this->folder}/{$path}");
        if (
            $real === false
            || str_starts_with($path, '/')
            || !str_starts_with($real, rtrim((string) realpath($this->folder), '/') . '/')
            || !is_file($real)
            || !is_readable($real)
        ) {
            throw UnusableMesh::nowhere('in-folder', mb_strimwidth($path, 0, 120, '…'));
        }

        return $this->read[$real] ??= MeshSlicer::slice(StlReader::read(self::parts($real)), 1e-3);
    }
}
