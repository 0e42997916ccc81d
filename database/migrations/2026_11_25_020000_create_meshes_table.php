<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('meshes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->string('hash', 64);
            $table->longText('sliced');
            $table->timestamps();
            $table->unique(['studio_id', 'hash']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('meshes');
    }
};
