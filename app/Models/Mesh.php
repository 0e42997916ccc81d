<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Pensilis\Geometry\Sliced;
use RuntimeException;

/**
 * A mesh of a studio: the file as it came, and its slices. The same file is kept once.
 *
 * @property int    $studio_id
 * @property string $hash      SHA-256 of the file
 * @property string $sliced
 */
final class Mesh extends Model
{
    protected $fillable = ['studio_id', 'hash', 'sliced'];

    public static function keep(int $studio, string $hash, Sliced $sliced, string $bytes): self
    {
        // The file first: a mesh without its file could never be taken away again.
        KeptFile::put((new self(['studio_id' => $studio, 'hash' => $hash]))->place(), (string) gzencode($bytes));

        return self::query()->firstOrCreate(
            ['studio_id' => $studio, 'hash' => $hash],
            ['sliced' => base64_encode(serialize($sliced))],
        );
    }

    public function slices(): Sliced
    {
        $sliced = unserialize((string) base64_decode($this->sliced, true), ['allowed_classes' => [Sliced::class]]);

        return $sliced instanceof Sliced ? $sliced : throw new RuntimeException("The slices of mesh {$this->hash} cannot be read.");
    }

    public function bytes(): string
    {
        $bytes = gzdecode(KeptFile::get($this->place()) ?? '');

        return $bytes === false ? throw new RuntimeException("The file of mesh {$this->hash} cannot be read.") : $bytes;
    }

    private function place(): string
    {
        return "meshes/{$this->studio_id}/{$this->hash}.stl.gz";
    }
}
