/**
 * What a rig in a link is packed against: the field names and shapes most of them have, so that they need not be sent. Frozen:
 * links of the first kind are read with these letters and no others, whatever the document looks like later.
 */
// prettier-ignore
export const linkDictionary =
  '"id":"","name":"","mass":},{"id":"","name":"","mass":,"plusMinus":},{"id":"","name":"","mass":,"seat' +
  '":""},{"thing":"","count":,"body":"","place":""},{"body":"","tank":"","fraction":},{"id":"","name":"' +
  '","driver":true,"x":},{"id":"","name":"","x":},{"id":"","axle":"front","wheels":,"size":"","loadInde' +
  'x":"115"},{"id":"","axle":"rear","wheels":,"size":"","loadIndex":"115"},{"limit":"vehicleMax","value' +
  '":,"typed":""},{"limit":"combinationMax","value":,"typed":""},{"limit":"frontAxleMax","value":,"type' +
  'd":""},{"limit":"rearAxleMax","value":,"typed":""},{"kind":"towPackage","text":"","met":"yes"},{"lim' +
  'it":"towBraked","value":,"typed":"","conditions":[{"kind":"towPackage","text":"","met":"yes"}]},{"li' +
  'mit":"ballMax","value":,"typed":""},{"kind":"withoutDistribution","met":"unknown"},{"limit":"towBrak' +
  'ed","value":,"typed":"","conditions":[{"kind":"withoutDistribution","met":"unknown"}]},{"limit":"bal' +
  'lMax","value":,"typed":"","conditions":[{"kind":"withoutDistribution","met":"unknown"}]},{"kind":"wi' +
  'thDistribution","met":"unknown"},{"limit":"towBraked","value":,"typed":"","conditions":[{"kind":"wit' +
  'hDistribution","met":"unknown"}]},{"limit":"ballMax","value":,"typed":"","conditions":[{"kind":"with' +
  'Distribution","met":"unknown"}]},{"id":"","name":"","kind":"floor","x":,"length":,"z":,"height":},{"' +
  'id":"","name":"","kind":"tray","x":,"length":,"z":,"height":,"rating":{"value":,"source":"label on i' +
  't"}},{"id":"","name":"","kind":"fuel","capacityL":,"densityKgPerL":,"x":,"length":,"z":},{"id":"","n' +
  'ame":"","on":{"mass":,"x":},"off":{"mass":,"x":},"inEmptyMass":"yes"},{"limit":"camperMax","value":,' +
  '"typed":""},{"limit":"emptyStated","value":,"typed":""},{"id":"","name":"","kind":"cupboard","x":,"l' +
  'ength":,"z":,"height":},{"id":"","name":"","kind":"locker","x":,"length":,"z":,"height":},{"id":"","' +
  'name":"","kind":"fresh","capacityL":,"x":,"length":,"z":},{"id":"","name":"","kind":"gas","contents"' +
  ':,"vesselMass":,"x":,"length":,"z":},{"id":"","name":"","on":{"mass":,"x":},"inEmptyMass":"no"},{"id' +
  '":"","axle":"trailer","wheels":,"loadIndex":"104"},{"limit":"trailerMax","value":,"typed":""},{"limi' +
  't":"trailerAxlesMax","value":,"typed":""},{"limit":"trailerPartMax","value":,"typed":""},{"thing":""' +
  ',"used":false},{"thing":"","used":true},{"id":"","kind":"tank","body":"","tank":"","fraction":},{"id' +
  '":"","at":"the saddle","kind":"drive","km":},{"id":"","at":"the saddle","kind":"nights","nights":},{' +
  '"id":"","at":"the saddle","kind":"tank","body":"","tank":"","fraction":},{"id":"","at":"the river","' +
  'kind":"drive","km":},{"id":"","at":"the river","kind":"nights","nights":},{"id":"","at":"home","kind' +
  '":"drive","km":},{"id":"","at":"home","kind":"tank","body":"","tank":"","fraction":},{"id":"","on":"' +
  '2026-09-12T07:40","did":{"id":"","kind":"tank","body":"","tank":"","fraction":},"odometer":,"added":' +
  '},{"id":"","on":"2026-09-12T13:05","did":{"id":"","at":"the saddle","kind":"drive","km":},"odometer"' +
  ':},{"id":"","on":"2026-09-15T08:30","did":{"id":"","at":"the saddle","kind":"nights","nights":}},{"i' +
  'd":"","on":"2026-09-15T08:50","did":{"id":"","at":"the saddle","kind":"tank","body":"","tank":"","fr' +
  'action":},"added":},{"id":"","on":"2026-09-15T09:30","did":{"id":"","at":"the saddle","kind":"tank",' +
  '"body":"","tank":"","fraction":},"odometer":,"added":},{"id":"","on":"2026-09-15T14:10","did":{"id":' +
  '"","at":"the river","kind":"drive","km":},"odometer":},{"id":"","on":"2026-09-17T09:00","did":{"id":' +
  '"","at":"the river","kind":"nights","nights":}},{"id":"","on":"2026-09-17T15:30","did":{"id":"","at"' +
  ':"home","kind":"drive","km":},"odometer":},{"id":"","on":"2026-09-17T16:00","did":{"id":"","at":"hom' +
  'e","kind":"tank","body":"","tank":"","fraction":},"odometer":,"added":},{"id":"","at":"the river mou' +
  'th","kind":"drive","km":},{"id":"","at":"the river mouth","kind":"nights","nights":},{"id":"","at":"' +
  'the long beach","kind":"drive","km":,"where":{"country":"","state":""}},{"id":"","at":"the long beac' +
  'h","kind":"nights","nights":},{"id":"","at":"the long beach","kind":"tank","body":"","tank":"","frac' +
  'tion":},{"id":"","at":"home","kind":"drive","km":,"where":{"country":"","state":""}},{"id":"","name"' +
  ':"","mass":,"weighedOn":"2026-04-11","length":},{"id":"","name":"","mass":,"plusMinus":,"food":true}' +
  ',{"id":"","name":"","like":"secondSpare","mass":,"onlyIn":["rack","roof","tray","boot"]},{"id":"","n' +
  'ame":"","mass":,"plusMinus":,"wetMass":,"length":},{"id":"","name":"","mass":,"wetMass":},{"id":"","' +
  'name":"","like":"bedding","mass":},{"id":"","name":"","like":"foldingChair","mass":},{"id":"","name"' +
  ':"","like":"foldingTable","mass":},{"id":"","name":"","like":"spareWheel","mass":},{"id":"","name":"' +
  '","mass":,"weighedOn":"2026-04-11","height":,"onlyIn":["locker","boot","tray","rack","garage"]},{"id' +
  '":"","name":"","like":"kayak","mass":,"length":,"onlyIn":["roof","rack"]},{"id":"","name":"","mass":' +
  ',"seat":"","pet":true},{"id":"","name":"","vehicle":"","trailer":"","situation":"","loadout":""},{"i' +
  'd":"","name":"","driver":true,"x":,"y":},{"id":"","name":"","x":,"y":},{"limit":"towBraked","value":' +
  ',"typed":""},{"limit":"towUnbraked","value":,"typed":""},{"id":"","source":"towBar","date":"","figur' +
  'es":[{"limit":"towBraked","value":,"typed":""},{"limit":"ballMax","value":,"typed":""}]},{"id":"","n' +
  'ame":"","kind":"boot","x":,"length":,"z":,"height":,"y":,"width":},{"id":"","name":"","kind":"floor"' +
  ',"x":,"length":,"z":,"height":,"y":,"width":},{"id":"","name":"","kind":"roof","x":,"length":,"z":,"' +
  'height":,"y":,"width":,"rating":{"value":,"source":"handbook"}},{"id":"","name":"","kind":"cupboard"' +
  ',"x":,"length":,"z":,"height":,"y":,"width":,"rating":{"value":,"source":"maker of the drawers"}},{"' +
  'id":"","name":"","kind":"fuel","capacityL":,"densityKgPerL":,"x":,"length":,"z":,"y":},{"id":"","nam' +
  'e":"","on":{"mass":,"x":,"y":},"off":{"mass":,"x":,"y":},"inEmptyMass":"no","date":""},{"id":"","nam' +
  'e":"","on":{"mass":,"x":,"y":},"inEmptyMass":"no","date":""},{"id":"","source":"caravanPlate","date"' +
  ':"","figures":[{"limit":"trailerMax","value":,"typed":""},{"limit":"trailerAxlesMax","value":,"typed' +
  '":""}]},{"limit":"axleGroupMax","value":,"typed":""},{"id":"","source":"axle","date":"","figures":[{' +
  '"limit":"axleGroupMax","value":,"typed":""}]},{"id":"","source":"couplingHead","date":"","figures":[' +
  '{"limit":"ballMax","value":,"typed":""}]},{"id":"","name":"","kind":"locker","x":,"length":,"z":,"he' +
  'ight":,"y":,"width":,"rating":{"value":,"source":"sticker in the boot"}},{"id":"","name":"","kind":"' +
  'locker","x":,"length":,"z":,"height":,"y":,"width":},{"id":"","name":"","kind":"cupboard","x":,"leng' +
  'th":,"z":,"height":,"y":,"width":},{"id":"","name":"","kind":"rack","x":,"length":,"z":,"height":,"y' +
  '":,"width":,"rating":{"value":,"source":"maker of the bar"}},{"id":"","name":"","kind":"fresh","capa' +
  'cityL":,"densityKgPerL":,"x":,"length":,"z":,"y":},{"id":"","name":"","kind":"grey","capacityL":,"de' +
  'nsityKgPerL":,"x":,"length":,"z":,"y":},{"id":"","name":"","kind":"gas","contents":,"vesselMass":,"x' +
  '":,"z":,"y":},{"id":"","name":"","on":{"mass":,"x":,"y":},"inEmptyMass":"unknown"},{"id":"","name":"' +
  '","mass":,"positions":[{"id":"","name":"","x":,"y":},{"id":"","name":"","x":,"y":}],"emptyAt":""},{"' +
  'id":"","state":"","on":["front"],"value":},{"id":"","state":"","on":["rear"],"value":},{"id":"","sta' +
  'te":"","on":["front","rear"],"value":},{"id":"","name":"","licence":{"issuer":"GB","classes":["B"],"' +
  'tested":"since2013","age":}},{"id":"","name":"","vehicle":"","situation":"","loadout":"","variants":' +
  '["scooter-trip","scooter-three-weeks"]},{"limit":"frontAxleMin","value":,"typed":""},{"id":"","sourc' +
  'e":"handbook","date":"","figures":[{"limit":"frontAxleMin","value":,"typed":""}]},{"id":"","name":""' +
  ',"kind":"garage","x":,"length":,"z":,"height":},{"id":"","name":"","kind":"rack","x":,"length":,"z":' +
  ',"height":,"rating":{"value":,"source":"plate on the rack"}},{"id":"","name":"","kind":"roof","x":,"' +
  'length":,"z":,"height":,"rating":{"value":,"source":"handbook"}},{"id":"","name":"","kind":"fresh","' +
  'capacityL":,"densityKgPerL":,"x":,"length":,"z":},{"id":"","name":"","kind":"grey","capacityL":,"den' +
  'sityKgPerL":,"x":,"length":,"z":},{"id":"","name":"","kind":"gas","contents":,"x":,"z":},{"id":"","n' +
  'ame":"","on":{"mass":,"x":},"inEmptyMass":"no","date":""},{"id":"","at":"the lake","kind":"drive","h' +
  'ours":},{"id":"","at":"the lake","kind":"nights","nights":},{"id":"","at":"the lake","kind":"unhitch' +
  '"},{"id":"","at":"the castle and back","kind":"drive","km":},{"id":"","at":"the lake","kind":"hitch"' +
  '},{"id":"","at":"the lake","kind":"tank","body":"","tank":"","fraction":},{"id":"","at":"home","kind' +
  '":"drive","hours":},{"id":"","name":"","vehicle":{"country":""},"trailer":{"country":""},"travel":{"' +
  'country":""},"words":"eu","ballSchool":"eu-4-7"},{"id":"","name":"","like":"bikeElectric","mass":,"o' +
  'nlyIn":["rack","roof","garage","boot"]},{"id":"","name":"","mass":,"onlyIn":["rack","roof","garage",' +
  '"boot"]},{"body":"","place":""},{"id":"","source":"vehiclePlate","date":"","figures":[{"limit":"comb' +
  'inationMax","value":,"typed":""}]},{"id":"","source":"towBar","date":"","figures":[{"limit":"ballMax' +
  '","value":,"typed":""}]},{"id":"","name":"","kind":"boot","x":,"length":,"z":,"height":},{"id":"","s' +
  'ource":"registration","date":"","figures":[{"limit":"trailerMax","value":,"typed":""},{"limit":"trai' +
  'lerAxlesMax","value":,"typed":""}]},{"id":"","name":"","kind":"rack","x":,"length":,"z":,"height":,"' +
  'rating":{"value":,"source":"maker of the rack"}},{"id":"","name":"","kind":"gas","contents":,"vessel' +
  'Mass":,"x":,"z":},{"id":"","source":"couplingHead","form":"coupling-head","figures":[{"limit":"ballM' +
  'ax","value":,"typed":""}]},{"id":"","name":"","kind":"locker","usual":"frontLocker","z":,"height":},' +
  '{"id":"","name":"","kind":"floor","usual":"overAxles","z":,"height":},{"id":"","name":"","kind":"loc' +
  'ker","usual":"rearLocker","z":,"height":},{"id":"","name":"","on":{"mass":},"inEmptyMass":"no"},{"id' +
  '":"","source":"registration","form":"de-trailer-registration","figures":[{"limit":"trailerMax","valu' +
  'e":,"typed":""}]},{"id":"","at":"the last town before the border","kind":"drive","km":},{"id":"","ki' +
  'nd":"nights","nights":},{"id":"","at":"the pass","kind":"drive","km":,"where":{"country":""}},{"id":' +
  '"","at":"the pass","kind":"tank","body":"","tank":"","fraction":},{"id":"","at":"the lagoon","kind":' +
  '"drive","km":,"where":{"country":""}},{"id":"","at":"the lagoon","kind":"nights","nights":},{"id":""' +
  ',"at":"the lagoon","kind":"tank","body":"","tank":"","fraction":},{"id":"","at":"the market","kind":' +
  '"shop","name":"","mass":,"plusMinus":,"body":"","place":""},{"id":"","at":"the pass","kind":"drive",' +
  '"km":},{"id":"","kind":"drive","km":,"where":{"country":""}},{"id":"","at":"home","kind":"drive","km' +
  '":,"where":{"country":""}},{"country":""},{"id":"","name":"","licence":{"issuer":"DE","classes":["B"' +
  '],"age":}},{"id":"","name":"","like":"bikeElectric","mass":},{"id":"","name":"","vehicle":"","situat' +
  'ion":"","loadout":"","variants":["summer","long-weekend"]},{"limit":"vehicleTechnicalMax","value":,"' +
  'typed":""},{"id":"","source":"vehiclePlate","date":"","note":"","figures":[{"limit":"combinationMax"' +
  ',"value":,"typed":""}]},{"limit":"dValueKn","value":,"typed":""},{"id":"","source":"towBar","date":"' +
  '","figures":[{"limit":"ballMax","value":,"typed":""},{"limit":"dValueKn","value":,"typed":""}]},{"id' +
  '":"","name":"","kind":"garage","x":,"length":,"z":,"height":,"rating":{"value":,"source":"label in t' +
  'he garage"}},{"id":"","name":"","kind":"rack","x":,"length":,"z":,"height":,"rating":{"value":,"sour' +
  'ce":"plate on the carrier"}},{"id":"","axle":"front","wheels":,"loadIndex":"121"},{"id":"","axle":"r' +
  'ear","wheels":,"loadIndex":"121"},{"kind":"axleRatio","text":"","met":"yes"},{"limit":"towBraked","v' +
  'alue":,"typed":"","conditions":[{"kind":"axleRatio","text":"","met":"yes"}]},{"id":"","name":"","kin' +
  'd":"tray","x":,"length":,"z":,"height":},{"id":"","axle":"trailer","wheels":,"loadIndex":"121","ageC' +
  'ode":""},{"limit":"payloadStated","value":,"typed":""},{"id":"","name":"","kind":"grey","capacityL":' +
  ',"x":,"length":,"z":},{"id":"","name":"","on":{"mass":,"x":},"off":{"mass":,"x":},"inEmptyMass":"no"' +
  '},{"id":"","name":"","vehicle":{"country":""},"trailer":{"country":""},"travel":{"country":""},"word' +
  's":"uk","ballSchool":"uk-5-7"},{"id":"","name":"","trailer":"","situation":"","loadout":""},{"id":""' +
  ',"axle":"trailer","wheels":,"loadIndex":"101","platedLoadIndex":"103","speedSymbol":"N","ageCode":""' +
  '},{"id":"","source":"axle","form":"axle-beam","date":"","figures":[{"limit":"axleGroupMax","value":,' +
  '"typed":""}]},{"id":"","source":"brakes","form":"overrun-brake","date":"","figures":[{"limit":"trail' +
  'erPartMax","value":,"typed":""}]},{"id":"","name":"","on":{"mass":,"x":},"inEmptyMass":"unknown"},{"' +
  'id":"","source":"registration","form":"uk-v5c","figures":[{"limit":"towBraked","value":,"typed":""}]' +
  '},{"id":"","source":"towBar","form":"tow-bar","figures":[{"limit":"ballMax","value":,"typed":""}]},{' +
  '"id":"","name":"","kind":"boot","usual":"boot","z":,"height":},{"id":"","name":"","kind":"fuel"';
