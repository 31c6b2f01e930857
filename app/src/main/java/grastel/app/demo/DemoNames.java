package grastel.app.demo;

import java.util.List;

/** Invented students of Saltmere Community School. */
final class DemoNames {
    static final List<String> KITTIWAKE = List.of(
            "Aisling Brandt",
            "Teo Marchetti",
            "Wren Adeyemi",
            "Ilse Korhonen",
            "Samir Haddad",
            "Noor Castellan",
            "Pia Lindqvist",
            "Kofi Mensah",
            "Juno Abernathy",
            "Radek Novotny",
            "Mei Tanaka",
            "Oluchi Eze",
            "Finn Gallagher",
            "Lucia Paredes",
            "Anders Holm",
            "Zofia Wrona",
            "Dilan Aydin",
            "Hana Kovac",
            "Caspian Moor",
            "Ngozi Bello",
            "Elin Sjoberg",
            "Mateus Ribeiro",
            "Tamsin Vale",
            "Yusuf Demir",
            "Bela Horvath",
            "Rowan Pike");
    static final List<String> DUNLIN = List.of(
            "Amara Diallo",
            "Björn Sæther",
            "Chiara Fontana",
            "Đorđe Petrović",
            "Esther Quaye",
            "Fleur van Houten",
            "Gökçe Yıldız",
            "Hugo Beaumont",
            "Inês Carvalho",
            "Jonas Reinholt",
            "Kasia Wójcik",
            "Léa Fournier",
            "Màiri Sutherland",
            "Nguyễn Minh Anh",
            "Orla Devane",
            "Priya Raman",
            "Quillon Marsh",
            "Rūta Kazlauskas",
            "Siôn Pritchard",
            "Tereza Dvořák",
            "Ugo Bassi",
            "Vesna Hribar",
            "Wanjiru Kamau",
            "Zoë Østergård");
    static final List<String> AVOCET = List.of(
            "Alba Serrano",
            "Cormac Reilly",
            "Dagny Lund",
            "Emre Kaya",
            "Freya Ashdown",
            "Ivo Markov",
            "Keziah Obi",
            "Luca Benedetti",
            "Maëlle Girard",
            "Nils Okkonen",
            "Ottilie Brandt",
            "Ravi Menon",
            "Signe Dahl",
            "Tomas Varga");

    private DemoNames() {}
}
