@foreach($paragraphs as $paragraph)
{!! $paragraph !!}

@endforeach
