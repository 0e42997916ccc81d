<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('references', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('piece_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('place', 120);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->text('shades');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('references');
    }
};
