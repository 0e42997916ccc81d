<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\PlanFile\PlanFile;
use App\Models\KeptMeshes;
use App\Turns\Turn;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Pensilis\Finding\Finding;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\UnitSystem;

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
        return Words::asked('plan-file');
    }

    /**
     * @return array<string, mixed>
     *
     * @throws ValidationException with all that is wrong in the file
     */
    public function document(KeptMeshes $meshes, UnitSystem $system): array
    {
        $file = $this->file('file');
        $turn = Turn::take('files', config()->integer('pensilis.long_at_once'))
            ?? throw ValidationException::withMessages(['file' => __('asked.plan-file.busy')]);
        try {
            $document = PlanFile::decode($file instanceof UploadedFile ? $file->getContent() : '', $meshes->embedded);
            PlanFile::plan($document, $meshes);

            return $document;
        } catch (PlanRefused $refusal) {
            $words = new Words($system);
            $lines = array_map(
                fn(Finding $problem): string => ($problem->pointer === '' ? '' : "{$problem->pointer}: ") . $words->finding($problem),
                array_slice($refusal->problems, 0, self::MOST_PROBLEMS),
            );
            $more = count($refusal->problems) - count($lines);
            throw ValidationException::withMessages([
                'file' => $more > 0 ? [...$lines, __('asked.plan-file.more', ['more' => $more])] : $lines,
            ]);
        } finally {
            $turn->giveBack();
        }
    }
}
