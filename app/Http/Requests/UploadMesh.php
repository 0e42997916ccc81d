<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Document;
use App\Interchange\MeshFiles;
use App\Interchange\PlanFile;
use App\Models\Mesh;
use App\Models\Piece;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\PlanRefused;
use Pensilis\Exception\UnusableMesh;
use Pensilis\Geometry\MeshSlicer;
use Pensilis\Geometry\Sliced;
use Pensilis\Geometry\StlReader;
use Pensilis\Plan\Notice;

/** An STL file, and the place of the plan that it shall shape. */
final class UploadMesh extends FormRequest
{
    private string $said = '';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['mesh' => ['required', 'file', 'max:50000'], 'for' => ['required', 'regex:#^/(vessel|inclusions/\d{1,3})$#']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'mesh.max'      => 'The mesh is larger than 50 MB; save it with fewer facets.',
            'mesh.uploaded' => 'The mesh did not arrive whole; it may be larger than this server takes. Try again.',
            'mesh.*'        => 'Choose a mesh, a file that ends in .stl.',
            'for.*'         => 'Say which part of the piece the mesh is for.',
        ];
    }

    /**
     * @return array<string, mixed> the document with the mesh
     *
     * @throws ValidationException with what is wrong
     */
    public function applyTo(Piece $piece): array
    {
        $place = $this->string('for')->toString();
        $part = Document::value($piece->document, $place);
        abort_unless(is_array($part), 404);
        $file = $this->file('mesh');
        $path = $file instanceof UploadedFile ? $file->getPathname() : '';
        try {
            $sliced = MeshSlicer::slice(StlReader::read(MeshFiles::parts($path)), 1e-3);
            $hash = (string) hash_file('sha256', $path);
            Mesh::keep($piece->studio_id, $hash, $sliced, (string) file_get_contents($path));
            [$x, $y, $z] = array_map(fn(float $metres): float => round(1e3 * $metres, 3), $sliced->extents());
            $this->said = sprintf('%s facets, %s × %s × %s mm if a unit of the mesh is a millimetre.', number_format($sliced->facets), $x, $y, $z);

            return PlanFile::read(PlanFile::write(Document::with($piece->document, $place, $this->shaped($part, $place, $hash, $sliced))), $piece->meshes());
        } catch (UnusableMesh $refusal) {
            throw ValidationException::withMessages(['mesh' => $refusal->getMessage()]);
        } catch (PlanRefused $refusal) {
            throw ValidationException::withMessages(['mesh' => array_map(fn(Notice $problem): string => "{$problem->pointer}: {$problem->message}", $refusal->problems)]);
        }
    }

    public function said(): string
    {
        return $this->said;
    }

    public function anchor(): string
    {
        $place = $this->string('for')->toString();

        return $place === '/vessel' ? '' : '#object-' . basename($place);
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
