<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\PlanFile\MeshFiles;
use App\Models\Mesh;
use App\Models\Piece;
use App\Turns\Turn;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\UnusableMesh;
use Pensilis\Geometry\MeshSlicer;
use Pensilis\Geometry\Sliced;
use Pensilis\Geometry\StlReader;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;

/** An STL file, and the place of the plan that it shall shape. */
final class UploadMesh extends FormRequest
{
    private string $said = '';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'mesh' => ['required', 'file', Limits::file(Limits::MESH)],
            'for'  => ['required', 'regex:#^/(vessel|inclusions/\d{1,3})$#'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('mesh');
    }

    /** @throws ValidationException with what is wrong; then nothing is changed */
    public function applyTo(Piece $piece, UnitSystem $system): void
    {
        $place = $this->string('for')->toString();
        $part = Document::value($piece->document, $place);
        abort_unless(is_array($part), 404);
        $file = $this->file('mesh');
        $path = $file instanceof UploadedFile ? $file->getPathname() : '';
        $turn = Turn::take('files', config()->integer('pensilis.long_at_once'))
            ?? throw ValidationException::withMessages(['mesh' => __('asked.mesh.busy')]);
        try {
            $sliced = MeshSlicer::slice(StlReader::read(MeshFiles::parts($path)), 1e-3);
            $hash = (string) hash_file('sha256', $path);
            Mesh::keep($piece->studio_id, $hash, $sliced, (string) file_get_contents($path));
            [$x, $y, $z] = array_map(fn(float $metres): string => Length::metres($metres)->print($system), $sliced->extents());
            $this->said = __(
                $system === UnitSystem::Us ? 'said.mesh-taken-us' : 'said.mesh-taken',
                ['facets' => number_format($sliced->facets), 'x' => $x, 'y' => $y, 'z' => $z],
            );
            $piece->change(
                fn(array $document): array => Document::with($document, $place, $this->shaped($part, $place, $hash, $sliced)),
                $piece->fingerprint(),
            );
        } catch (UnusableMesh $refusal) {
            throw ValidationException::withMessages(['mesh' => (new Words($system))->refusal($refusal)]);
        } catch (PlanRefused $refusal) {
            throw ValidationException::withMessages(['mesh' => array_map((new Words($system))->finding(...), $refusal->problems)]);
        } finally {
            $turn->giveBack();
        }
    }

    public function said(): string
    {
        return $this->said;
    }

    /**
     * @param array<array-key, mixed> $part
     *
     * @return array<array-key, mixed>
     */
    private function shaped(array $part, string $place, string $hash, Sliced $sliced): array
    {
        if ($place === '/vessel') {
            return ['shape' => 'stl', 'mesh' => $hash] + array_intersect_key($part, ['wall' => 1, 'base' => 1, 'viewed' => 1]);
        }
        $size = array_map(fn(float $metres): float => round(1e3 * $metres, 6), $sliced->extents());

        return ['shape' => 'stl', 'mesh' => $hash, 'size_mm' => $size] + $part;
    }
}
