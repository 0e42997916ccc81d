<html><body><img src="data:image/svg+xml;base64,{{ $svg }}" width="{{ $drawing->width }}" height="{{ $drawing->height }}"></body></html>
