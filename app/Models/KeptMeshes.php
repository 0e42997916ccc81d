<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile\EmbeddedMeshes;
use Pensilis\Exception\UnusableMesh;
use Pensilis\Geometry\Sliced;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\MeshSource;
use Pensilis\PlanFile\Node;

/** The meshes of a studio, sliced once when they came; and those of a plan file that is just being read. */
final class KeptMeshes implements MeshSource
{
    /** @var array<string, Sliced> */
    private array $sliced = [];

    public function __construct(private readonly int $studio, public readonly EmbeddedMeshes $embedded = new EmbeddedMeshes()) {}

    public function isOf(int $studio): bool
    {
        return $this->studio === $studio;
    }

    public function sliced(Node $node): Sliced
    {
        if (!$node->has('mesh')) {
            throw UnusableMesh::nowhere($node->has('mesh_base64') ? 'in-base64' : 'for-pages');
        }
        $hash = $node->text('mesh');
        if ($this->embedded->has($hash)) {
            return $this->embedded->sliced($hash);
        }
        $this->load([$hash]);

        return $this->sliced[$hash] ?? throw UnusableMesh::nowhere('in-studio');
    }

    /**
     * All that plan files name, at once.
     *
     * @param list<string> $hashes
     */
    public function load(array $hashes): void
    {
        $missing = array_values(array_diff($hashes, array_keys($this->sliced)));
        if ($missing !== []) {
            foreach (Mesh::query()->where('studio_id', $this->studio)->whereIn('hash', $missing)->get(['hash', 'sliced']) as $mesh) {
                $this->sliced[$mesh->hash] = $mesh->slices();
            }
        }
    }

    /** Keeps what came inside a plan file. */
    public function keepEmbedded(): void
    {
        foreach ($this->embedded->all() as $hash => $bytes) {
            Mesh::keep($this->studio, $hash, $this->embedded->sliced($hash), $bytes);
        }
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return list<string> hashes of the meshes that it names
     */
    public static function namedIn(array $document): array
    {
        return array_values(array_unique(array_filter(array_map(
            fn(mixed $place): mixed => is_array($place) ? $place['mesh'] ?? null : null,
            [$document['vessel'] ?? null, ...Document::list($document, '/inclusions')],
        ), is_string(...))));
    }

    /**
     * The document of a file to take away: meshes are inside.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public function embed(array $document): array
    {
        $files = [];
        $named = Mesh::query()->where('studio_id', $this->studio)->whereIn('hash', self::namedIn($document));
        foreach ($named->get(['id', 'studio_id', 'hash']) as $mesh) {
            $files[$mesh->hash] = base64_encode($mesh->bytes());
        }
        $inside = function (mixed $place) use ($files): mixed {
            $hash = is_array($place) ? $place['mesh'] ?? null : null;

            return is_array($place)
                && is_string($hash)
                && isset($files[$hash])
                ? ['mesh_base64' => $files[$hash]] + array_diff_key($place, ['mesh' => null])
                : $place;
        };
        $document['vessel'] = $inside($document['vessel'] ?? null);
        if (is_array($document['inclusions'] ?? null)) {
            $document['inclusions'] = array_map($inside, $document['inclusions']);
        }

        return $document;
    }
}
