/** What every capability uses: problem details, JSON in text columns, the room's clock, the OpenAPI document. */
package kinesia.shared;
