<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A table of things for the shelf, as comma-separated values. */
final class UploadTable extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['table' => ['required', 'file', Limits::file(Limits::TABLE)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('table');
    }

    public function text(): string
    {
        $file = $this->file('table');

        return $file instanceof UploadedFile ? (string) $file->get() : '';
    }
}
