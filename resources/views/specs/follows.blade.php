@if($follows !== [])
<h2>What follows</h2>
<table class="ledger"><tbody>
@foreach($follows as $line)
    <tr>
        <th scope="row">{{ $line->label }}</th>
        <td class="num {{ $line->fits ? '' : 'bad' }}">
            @if(! $line->fits)<span aria-hidden="true">▲</span> @endif{{ $line->value }}@if(! $line->fits)<span class="sr-only">, the sheet
                    says something else</span>@endif
        </td>
    </tr>
@endforeach
</tbody></table>
@endif
