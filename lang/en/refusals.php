<?php

declare(strict_types=1);

// What could not be read or cannot be, and what to do about it; by the names of facts that exceptions of the core state.
return [
    'value.not-positive'    => 'The :what must be above 0.',
    'value.of-not-positive' => 'The :what of “:of” must be above 0.',
    'value.outside'         => 'The :what must lie between :least and :greatest, not :value.',
    'value.too-small'       => 'The :what must be :least or more, not :value.',
    'missing.number'        => 'Write a number here.',
    'missing.text'          => 'Write something here.',
    'missing.object'        => 'An object is wanted here; add it.',
    'missing.one-of'        => 'Write one of :choices here.',
    'missing.stuff'         => 'Write silicone, wood, glass or air here, or an object with its figures.',
    'plan-refused'          => 'This plan does not make sense.',
    'not-bracketed'         => 'no figure between :low and :high fits.',

    'sheet.recoat-before-gel' => 'recoat opens at :opens, before the gel at :gel. No coat can go on liquid; check both times on '
        . 'the label.',
    'sheet.closes-before-opening' => 'recoat closes at :closes, before it opens at :opens; check both times on the label.',
    'sheet.least-above-greatest'  => 'its least pour, :least, is deeper than its greatest, :greatest; check both on the label.',

    'outline.crosses' => 'The outline crosses itself near (:x, :y); draw it so that it runs round once.',
    'path.no-command' => 'The outline cannot be read at character :offset: there is a number without a command. One closed outline of '
        . 'M, L, H, V, C, S, Q, T, A and Z is wanted.',
    'path.unknown-command' => 'The outline cannot be read at character :offset: “:command” cannot stand there. One closed outline of M, L, '
        . 'H, V, C, S, Q, T, A and Z is wanted.',
    'path.no-path-data' => 'The outline cannot be read at character :offset: that is no path data. One closed outline of M, L, H, V, C, '
        . 'S, Q, T, A and Z is wanted.',
    'path.too-few-numbers' => 'The outline cannot be read at character :offset: there are too few numbers for “:command”.',
    'path.too-far'         => 'The outline cannot be read at character :offset: :number is farther than :most; check the unit of '
        . 'the drawing.',
    'path.second-outline' => 'A second outline lies outside the first, or in a hole of it. Only holes may lie inside one closed outline.',
    'path.empty'          => 'The outline encloses nothing; write path data such as “M0 0 H80 V50 H0 Z”.',
    'path.too-many'       => 'The outline has more than :most parts; draw it with fewer.',

    'drawing.empty'        => 'The drawing is empty.',
    'drawing.not-read'     => 'The drawing cannot be read at line :line: :why. Save it again as plain SVG.',
    'drawing.encoded'      => 'The drawing is not written in UTF-8. Save it as plain SVG in UTF-8.',
    'drawing.too-much'     => 'The drawing has more than :most parts. Leave only the outline in it.',
    'drawing.with-doctype' => 'The drawing brings a document type or entities, which are never read here. Save it as plain SVG.',
    'drawing.too-deep'     => 'The drawing is nested deeper than :most levels. Ungroup it, and save it as plain SVG.',
    'drawing.transformed'  => 'What is drawn at line :line is moved or turned by a transform. Ungroup it and apply the transform, then '
        . 'save it as plain SVG.',
    'drawing.no-shape'    => 'The drawing holds no path, rectangle, circle, ellipse or polygon. Draw the outline as one closed path.',
    'drawing.many-shapes' => 'The drawing holds :count shapes; leave only the outline in it.',

    'marks.go-back'        => 'Mark :number, :height and :water, must lie above and hold more than the one before it; weigh it again.',
    'marks.not-to-the-rim' => 'The last mark must be the rim at :rim: fill the vessel to the brim once.',

    'mesh.no-facet' => 'The mesh cannot be read at facet :facet: that is neither a facet nor the end of the solid. Save it '
        . 'again as STL.',
    'mesh.no-stl' => 'The mesh promises :promised facets: it is not an STL file, or one with more than a million. Save it '
        . 'again as STL.',
    'mesh.no-number'         => 'The mesh cannot be read at facet :facet: “:text” is not a number. Save it again as STL.',
    'mesh.not-three-corners' => 'The mesh cannot be read at facet :facet: three corners are wanted between “facet” and “endfacet”. Save '
        . 'it again as STL.',
    'mesh.too-far' => 'The mesh cannot be read at facet :facet: a corner lies farther than 100 000 units off, or nowhere. Save '
        . 'it again as STL.',
    'mesh.cut-short' => 'The mesh says that it has :promised facets, but ends after :found: the file was cut short. Save or '
        . 'send it again.',
    'mesh.empty'           => 'The mesh has no facets; save the closed body as STL.',
    'mesh.too-many-bytes'  => 'The mesh is larger than :most MB; save it with fewer facets.',
    'mesh.too-many-facets' => 'The mesh has more than :most facets; save it with fewer.',
    'mesh.open'            => '{1} The mesh is not closed: an open edge, :edges (in units of the mesh). Close the hole where it was '
        . 'drawn.|[2,*] The mesh is not closed: :count open edges, :edges (in units of the mesh). Close the holes where it was drawn.',
    'mesh.inverted' => '{1} The mesh has inverted facets: along one edge the two neighbours face opposite ways, :edges (in units '
        . 'of the mesh). Turn them the same way where it was drawn.|[2,*] The mesh has inverted facets: along :count edges the two '
        . 'neighbours face opposite ways, :edges (in units of the mesh). Turn them the same way where it was drawn.',
    'mesh.flat'               => 'The mesh encloses no volume; save the closed body, with its open side as a lid.',
    'mesh.nowhere-here'       => 'No meshes are kept here; send the mesh along with the plan.',
    'mesh.nowhere-in-base64'  => 'What is written as the mesh is not base64 text; export the plan again.',
    'mesh.nowhere-for-pages'  => 'A path is read on the command line only; send the mesh itself with “Take a mesh”.',
    'mesh.nowhere-in-studio'  => 'This mesh is not kept in your studio; send the file again.',
    'mesh.nowhere-named-only' => 'The mesh is named only, as the web application keeps it; export the piece from there, and the mesh '
        . 'comes along.',
    'mesh.nowhere-named'      => 'A mesh is missing; name a file with “path”, or put it inside as “mesh_base64”.',
    'mesh.nowhere-from-input' => 'A plan from standard input has no folder, so no mesh is read for it; give the path of the plan file.',
    'mesh.nowhere-in-folder'  => 'There is no readable mesh “:path” in the folder of the plan file or below; put it there and name it '
        . 'from there.',

    'unsteady' => 'heat swings from cell to cell instead of settling, as where metal fills a narrow vessel.',

    'zone'   => '“:text” is no time zone; write it as Europe/Lisbon or UTC.',
    'moment' => '“:text” is not a local date and time; write it as 2026-03-02T18:00, without a zone.',

    'quantity.empty'                       => 'Nothing is written here; write for example “:example”.',
    'quantity.no-number'                   => '“:text” does not read as a number with a unit; write for example “:example”.',
    'quantity.ambiguous-comma'             => '“:text” could be a thousand or a decimal; write it without the comma, or with a point.',
    'quantity.zero-denominator'            => '“:text” divides by nothing; the lower figure of a fraction must be above 0.',
    'quantity.unknown-unit-of-length'      => '“:unit” is not a unit of length here; use one of :known.',
    'quantity.unknown-unit-of-mass'        => '“:unit” is not a unit of mass here; use one of :known.',
    'quantity.unknown-unit-of-volume'      => '“:unit” is not a unit of volume here; use one of :known.',
    'quantity.unknown-unit-of-time'        => '“:unit” is not a unit of time here; use one of :known.',
    'quantity.unknown-unit-of-temperature' => '“:unit” is not a unit of temperature here; use one of :known.',
    'quantity.no-choice'                   => '“:text” cannot be chosen here; choose one of :choices.',
    'quantity.too-large'                   => '“:text” is larger than anything that can be cast; check the figure and its unit.',
    'quantity.sign-inside'                 => '“:text” has a sign inside; write one figure, such as “12” or “1 ft 2 in”.',
];
