<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\KeptMeshes;
use App\Interchange\PlanFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\PlanRefused;
use Pensilis\Plan\Notice;

final class UploadPlan extends FormRequest
{
    private const MOST_PROBLEMS = 50;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:' . intdiv(config()->integer('pensilis.largest_file'), 1024)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.max'      => 'The file is larger than 80 MB; a plan never is.',
            'file.uploaded' => 'The file did not arrive whole; it may be larger than this server takes. Try again.',
            'file.*'        => 'Choose a plan file, one that ends in .pensilis.json.',
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws ValidationException with all that is wrong in the file
     */
    public function document(KeptMeshes $meshes): array
    {
        $file = $this->file('file');
        try {
            return PlanFile::read($file instanceof UploadedFile ? $file->getContent() : '', $meshes, $meshes->embedded);
        } catch (PlanRefused $refusal) {
            $lines = array_map(
                fn(Notice $problem): string => ($problem->pointer === '' ? '' : "{$problem->pointer}: ") . $problem->message,
                array_slice($refusal->problems, 0, self::MOST_PROBLEMS),
            );
            $more = count($refusal->problems) - count($lines);
            throw ValidationException::withMessages(['file' => $more > 0 ? [...$lines, "and {$more} more"] : $lines]);
        }
    }
}
