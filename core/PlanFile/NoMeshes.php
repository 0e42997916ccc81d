<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Exception\UnusableMesh;
use Pensilis\Geometry\Sliced;

/** For plans that bring no mesh. */
final readonly class NoMeshes implements MeshSource
{
    public function sliced(Node $node): Sliced
    {
        throw UnusableMesh::nowhere('here');
    }
}
